<?php

declare(strict_types=1);

namespace Sectum\Math;

use InvalidArgumentException;

/** Student's t distribution. */
final readonly class StudentT
{
    private const TINY = 1e-300;

    private const NEAR_ENOUGH = 1e-15;

    /** Of a quantile, relative to it. */
    private const CLOSE = 1e-13;

    /** @param  float  $df  degrees of freedom, above 0 */
    public function __construct(public float $df)
    {
        ($df > 0 && is_finite($df)) || throw new InvalidArgumentException('Degrees of freedom are above 0.');
    }

    /** The share of the distribution that lies below $t. */
    public function below(float $t): float
    {
        $sum = $this->df + $t * $t;
        $tail = 0.5 * self::incompleteBeta($this->df / 2, 0.5, $this->df / $sum, ($t * $t) / $sum);

        return $t < 0 ? $tail : 1 - $tail;
    }

    /**
     * The value below which a share $p lies, to about 12 digits.
     *
     * @param  float  $p  above 0 and below 1
     */
    public function quantile(float $p): float
    {
        if ($p === 0.5) {
            return 0.0;
        }
        if ($p < 0.5) {
            return -$this->quantile(1 - $p);
        }
        $low = 0.0;
        $high = 2.0;
        while ($this->below($high) < $p) {
            $low = $high;
            $high *= 2;
        }
        // Newton's steps from below, where the curve only flattens; halved where a step would leave the bracket.
        $t = $low;
        for ($i = 0; $i < 200 && $high - $low > self::CLOSE * $high; $i++) {
            $short = $p - $this->below($t);
            $short > 0 ? ($low = $t) : ($high = $t);
            $step = $short / $this->density($t);
            if (abs($step) <= self::CLOSE * $t) {
                return $t;
            }
            $t = $t + $step > $low && $t + $step < $high ? $t + $step : ($low + $high) / 2;
        }

        return ($low + $high) / 2;
    }

    /** How dense the distribution is at $t. */
    private function density(float $t): float
    {
        $half = ($this->df + 1) / 2;

        return exp(Gamma::log($half) - Gamma::log($this->df / 2) - $half * log(1 + ($t * $t) / $this->df)) /
            sqrt($this->df * M_PI);
    }

    /**
     * Regularised incomplete beta function by Lentz's continued fraction (Numerical Recipes, 6.4).
     *
     * @param  float  $y  what $x lacks of 1, which near 1 cannot be had from it any more
     */
    private static function incompleteBeta(float $a, float $b, float $x, float $y): float
    {
        if ($x <= 0 || $y <= 0) {
            return $x <= 0 ? 0.0 : 1.0;
        }
        $front = exp(
            Gamma::log($a + $b) - Gamma::log($a) - Gamma::log($b) + $a * log($x) + $b * log($y),
        );

        return $x < ($a + 1) / ($a + $b + 2)
            ? ($front * self::fraction($a, $b, $x)) / $a
            : 1 - ($front * self::fraction($b, $a, $y)) / $b;
    }

    private static function fraction(float $a, float $b, float $x): float
    {
        $c = 1.0;
        $d = 1 / self::nonZero(1 - (($a + $b) * $x) / ($a + 1));
        $h = $d;
        for ($m = 1; $m < 400; $m++) {
            $even = ($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1 / self::nonZero(1 + $even * $d);
            $c = self::nonZero(1 + $even / $c);
            $h *= $d * $c;
            $odd = (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1 / self::nonZero(1 + $odd * $d);
            $c = self::nonZero(1 + $odd / $c);
            $h *= $d * $c;
            if (abs($d * $c - 1) < self::NEAR_ENOUGH) {
                break;
            }
        }

        return $h;
    }

    private static function nonZero(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }
}
