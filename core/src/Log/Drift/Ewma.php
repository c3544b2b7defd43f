<?php

declare(strict_types=1);

namespace Sectum\Log\Drift;

use Sectum\Log\BadLog;
use Sectum\Math\Normal;
use Sectum\Math\StudentT;

/**
 * Has something changed? An exponentially weighted mean of how far each fish was from what was expected of it.
 *
 * The expectation is the one of when the chart began: one that learns would take a fall in. Starting value 0, limits as
 * wide as the mean itself has become; a signal lies strictly outside (handbook, numbers 15).
 */
final readonly class Ewma
{
    public const LAMBDA = 0.2;

    /** Limits in spreads: one false alarm in about 500. */
    public const WIDTH = 2.962;

    /**
     * @param  list<float>  $means
     * @param  list<float>  $limits  either way of 0
     * @param  list<int>  $signals  counted from 1
     */
    private function __construct(public array $means, public array $limits, public array $signals)
    {
    }

    /**
     * @param  list<float>  $z  normal, in order
     * @param  float  $lambda  weight of the newest, above 0 up to 1
     * @param  float  $width  of the limits in spreads, above 0
     * @param  float  $shared  correlation of any two, because what was expected of both is not known exactly; 0 up to
     *     1. The limits widen by it, so that a young record gives no alarms of its own
     *
     * @throws BadLog which names the figure
     */
    public static function of(
        array $z,
        float $lambda = self::LAMBDA,
        float $width = self::WIDTH,
        float $shared = 0.0,
    ): self {
        ($lambda > 0 && $lambda <= 1) ||
            throw new BadLog('The newest counts for more than nothing and at most all.', $lambda, '/lambda');
        $width > 0 || throw new BadLog('Limits lie apart from nothing.', $width, '/width');
        $mean = 0.0;
        $means = $limits = $signals = [];
        foreach ($z as $i => $one) {
            $mean = $lambda * $one + (1 - $lambda) * $mean;
            $own = ($lambda / (2 - $lambda)) * (1 - (1 - $lambda) ** (2 * ($i + 1)));
            $limit = $width * sqrt((1 - $shared) * $own + $shared * (1 - (1 - $lambda) ** ($i + 1)) ** 2);
            $means[] = $mean;
            $limits[] = $limit;
            if (abs($mean) > $limit) {
                $signals[] = $i + 1;
            }
        }

        return new self($means, $limits, $signals);
    }

    /**
     * The first after the mean last stood on the other side of nothing: since then something is different.
     *
     * @param  int  $signal  counted from 1
     * @return int counted from 1
     */
    public function since(int $signal): int
    {
        $sign = $this->means[$signal - 1] <=> 0.0;
        for ($i = $signal - 1; $i > 0; $i--) {
            if (($this->means[$i - 1] <=> 0.0) !== $sign) {
                return $i + 1;
            }
        }

        return 1;
    }

    /**
     * How far a fish was from what was expected of it, as a normal would say it.
     *
     * @param  float  $scale  of Student's t it was expected with, above 0
     * @param  float  $df  its degrees of freedom, above 0
     *
     * @throws BadLog which names the figure
     */
    public static function z(float $measured, float $expected, float $scale, float $df): float
    {
        $scale > 0 || throw new BadLog('An expectation has a spread above nothing.', $scale, '/scale_pct');
        $df > 0 || throw new BadLog('Degrees of freedom are above nothing.', $df, '/df');
        $below = (new StudentT($df))->below(($measured - $expected) / $scale);

        return Normal::quantile(min(1 - 1e-15, max(1e-15, $below)));
    }
}
