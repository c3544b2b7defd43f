<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Math\StudentT;
use Sectum\Measure\Mass;

/**
 * What should this fish give? The starting figure, replaced by the house's own records as they come.
 *
 * Normal with unknown mean and spread, normal-inverse-gamma prior; the next fish is Student t around the shrunken mean.
 * From eight records of known size on, size enters as a trend: a slope per doubling of the mass, itself shrunken
 * towards none. Without a trend this is exactly the formula of the plain mean.
 */
final readonly class ExpectedYield
{
    /** Shape of the prior of the spread. */
    private const ALPHA = 3.0;

    /** From this many records of known size on, size enters. */
    public const TREND_FROM = 8;

    /** What the absence of a trend counts for, in records one doubling from the middle. Estimate. */
    private const NO_TREND_STRENGTH = 4.0;

    /**
     * @param  float|null  $slopePct  points of yield a doubling of the mass brings; null when there are too few records
     * @param  float  $lotSdPct  what is not known of the mean itself, points: it hits all fish alike
     * @param  float  $fishSdPct  how single fish differ beside that, points
     */
    private function __construct(
        public float $meanPct,
        public float $lowPct,
        public float $highPct,
        public float $scalePct,
        public float $df,
        public int $records,
        public ?float $slopePct,
        public float $lotSdPct,
        public float $fishSdPct,
    ) {
    }

    /**
     * @param  list<YieldRecord>  $records
     * @param  float  $level  the share of fish the band holds, above 0 and below 1
     * @param  Mass|null  $whole  of the fish it is about; without it, or with too few records, size does not count
     */
    public static function of(StartingYield $prior, array $records, float $level = 0.9, ?Mass $whole = null): self
    {
        $sized = array_values(
            array_filter($records, fn (YieldRecord $record): bool => $record->whole?->isPositive() === true),
        );
        $trend =
            $whole?->isPositive() === true && count($sized) >= self::TREND_FROM && count($sized) === count($records);
        $middle = $trend ? array_sum(array_map(self::doublings(...), $sized)) / count($sized) : 0.0;
        // Two normal equations: the mean, and the slope around the middle size.
        $a = $prior->strength;
        $b = 0.0;
        $c = self::NO_TREND_STRENGTH;
        $u = $prior->strength * $prior->meanPct;
        $v = 0.0;
        $squares = $prior->strength * $prior->meanPct ** 2;
        foreach ($records as $record) {
            $x = $trend ? self::doublings($record) - $middle : 0.0;
            $a++;
            $b += $x;
            $c += $x * $x;
            $u += $record->pct;
            $v += $x * $record->pct;
            $squares += $record->pct ** 2;
        }
        $det = $a * $c - $b * $b;
        $mean = ($c * $u - $b * $v) / $det;
        $slope = ($a * $v - $b * $u) / $det;
        $at = $trend ? log($whole->grams(), 2) - $middle : 0.0;
        $alpha = self::ALPHA + count($records) / 2;
        $beta = $prior->sdPct ** 2 * (self::ALPHA - 1) + max(0.0, $squares - $mean * $u - $slope * $v) / 2;
        $unsure = ($c - 2 * $at * $b + $at * $at * $a) / $det;
        $scale = sqrt(($beta / $alpha) * (1 + $unsure));
        $df = 2 * $alpha;
        $half = (new StudentT($df))->quantile(0.5 + $level / 2) * $scale;
        $centre = $mean + $slope * $at;

        return new self(
            $centre,
            $centre - $half,
            $centre + $half,
            $scale,
            $df,
            count($records),
            $trend ? $slope : null,
            sqrt(($beta / $alpha) * $unsure),
            sqrt($beta / $alpha),
        );
    }

    /** The chance that a fish lies this far out, or farther, on its side. */
    public function tail(float $observedPct): float
    {
        $below = (new StudentT($this->df))->below(($observedPct - $this->meanPct) / $this->scalePct);

        return min($below, 1 - $below);
    }

    public function verdict(float $observedPct): YieldVerdict
    {
        return match (true) {
            $observedPct < $this->lowPct => YieldVerdict::Low,
            $observedPct > $this->highPct => YieldVerdict::High,
            default => YieldVerdict::AsExpected,
        };
    }

    private static function doublings(YieldRecord $record): float
    {
        return log($record->whole?->grams() ?? 1.0, 2);
    }
}
