<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

use Sectum\Math\Counted;
use Sectum\Math\Normal;

/**
 * Fillets weighed together: one pattern for all, from their mean and spread, and what it promises.
 *
 * All are cut at the same places, so a fillet a tenth heavier gives pieces a tenth heavier: either all its pieces lie
 * in the band or none does. Fillets are normal around their mean, as far as a batch of one grade is.
 */
final readonly class FilletBatch
{
    public const MOST = 2_000;

    /** Spread of the fillets of one grade where none was weighed alone, percent of their mean. Our estimate. */
    public const USUAL_SPREAD_PCT = 12.0;

    /**
     * @param  list<Pattern>  $patterns  fewest pieces first
     * @param  Pattern|null  $best  the one that promises most; null when no piece would be heavy enough
     */
    private function __construct(public array $patterns, public ?Pattern $best)
    {
    }

    /**
     * @param  int  $fillets  1 to 2,000
     * @param  float  $meanGrams  above 0
     * @param  float  $sdGrams  between fillets, 0 or more
     * @param  float  $usableShare  of a fillet between squared head and tail, above 0 to 1
     * @param  float  $target  of a portion, above 0; the band around it
     * @param  float  $certainty  of what is promised, above 0 and below 1
     *
     * @throws BadBatch which names the figure
     */
    public static function of(
        int $fillets,
        float $meanGrams,
        float $sdGrams,
        float $usableShare,
        float $target,
        float $minus,
        float $plus,
        float $certainty = 0.9,
    ): self {
        ($fillets >= 1 && $fillets <= self::MOST) ||
            throw new BadBatch('A batch has 1 to 2,000 fillets.', $fillets, '/fillets');
        $meanGrams > 0 || throw new BadBatch('A fillet weighs more than nothing.', $meanGrams, '/mean_g');
        $sdGrams >= 0 || throw new BadBatch('A spread is 0 or more.', $sdGrams, '/sd_g');
        ($usableShare > 0 && $usableShare <= 1) ||
            throw new BadBatch('Between nothing and all of a fillet is usable.', $usableShare, '/usable_share');
        $patterns = [];
        $best = null;
        $most = (int) floor((($meanGrams + 2 * $sdGrams) * $usableShare) / ($target - $minus) + 1e-9);
        for ($each = 1; $each <= $most; $each++) {
            $light = (($target - $minus) * $each) / $usableShare;
            $heavy = (($target + $plus) * $each) / $usableShare;
            $under = 1 - Normal::reaches($light, $meanGrams, $sdGrams);
            $within = max(0.0, 1 - $under - Normal::reaches($heavy, $meanGrams, $sdGrams));
            $pattern = new Pattern(
                $each,
                ($meanGrams * $usableShare) / $each,
                ($sdGrams * $usableShare) / $each,
                100 * $within,
                100 * $under,
                $fillets * $each * $within,
                $each * Counted::trials($fillets, $within)->atLeast($certainty),
            );
            $patterns[] = $pattern;
            if ($best === null || [$pattern->promised, $pattern->expected] > [$best->promised, $best->expected]) {
                $best = $pattern;
            }
        }

        return new self($patterns, $best === null || $best->expected < 0.5 ? null : $best);
    }
}
