<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Math\Normal;

/** What the hand should aim at, so that its scatter leaves few pieces under the band. */
final readonly class Aim
{
    /**
     * @param  float  $meanGiveawayGrams  beside the target
     * @param  float  $underPct  of the pieces below the band
     * @param  float  $overPct  of the pieces above it
     */
    private function __construct(
        public float $grams,
        public float $meanGiveawayGrams,
        public float $underPct,
        public float $overPct,
    ) {
    }

    /**
     * @param  float  $sigmaGrams  the cutter's scatter, above 0
     * @param  float  $maxUnderPct  at most so many under the band, above 0 and below 50
     *
     * @throws BadFillet when a figure cannot be
     */
    public static function of(
        float $targetGrams,
        float $minusGrams,
        float $plusGrams,
        float $sigmaGrams,
        float $maxUnderPct,
    ): self {
        ($sigmaGrams > 0 && is_finite($sigmaGrams)) ||
            throw new BadFillet('A hand scatters by more than nothing.', $sigmaGrams, '/sigma_g');
        ($maxUnderPct > 0 && $maxUnderPct < 50) ||
            throw new BadFillet(
                'The share under the band is above 0 and below 50 %.',
                $maxUnderPct,
                '/max_under_pct',
            );
        $aim = $targetGrams - $minusGrams - Normal::quantile($maxUnderPct / 100) * $sigmaGrams;

        return new self(
            $aim,
            $aim - $targetGrams,
            $maxUnderPct,
            100 * Normal::above(($targetGrams + $plusGrams - $aim) / $sigmaGrams),
        );
    }
}
