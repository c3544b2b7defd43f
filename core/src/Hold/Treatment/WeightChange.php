<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;
use Sectum\Measure\Mass;

/** What a treatment did to the weight, beside what it usually does. */
final readonly class WeightChange
{
    /** Beyond so many standard deviations it is odd. */
    private const ODD = 2.0;

    /** No treatment of a kitchen takes or gives more, percent: one of the two weights is wrong. */
    private const MOST = 60.0;

    private function __construct(public float $pct, public ChangeSays $says)
    {
    }

    /**
     * @param  Mass  $before  above zero
     * @param  float  $expectedPct  below 0 for a loss
     * @param  float  $sd  one standard deviation, above 0
     *
     * @throws BadHold when one of the two weights must be wrong
     */
    public static function of(Mass $before, Mass $after, float $expectedPct, float $sd): self
    {
        $before->isPositive() || throw new BadHold('There is no fish to treat.', $before->grams(), '/before');
        $pct = (100 * ($after->grams() - $before->grams())) / $before->grams();
        abs($pct) <= self::MOST ||
            throw new BadHold(
                'That is more than any treatment does to fish. Weigh it again.',
                $after->grams(),
                '/after',
            );
        $off = ($pct - $expectedPct) / $sd;

        return new self(
            $pct,
            match (true) {
                abs($off) <= self::ODD => ChangeSays::Usual,
                $expectedPct < 0 && $pct > 0 => ChangeSays::GainedInstead,
                $expectedPct > 0 && $pct < 0 => ChangeSays::LostInstead,
                abs($pct) > abs($expectedPct) => ChangeSays::More,
                default => ChangeSays::Less,
            },
        );
    }
}
