<?php

declare(strict_types=1);

namespace Sectum\Math;

use InvalidArgumentException;

/** The chi-squared distribution. */
final readonly class ChiSquared
{
    private const STEPS = 500;

    private const NEAR_ENOUGH = 1e-15;

    /** @param  float  $df  degrees of freedom, above 0 */
    public function __construct(private float $df)
    {
        ($df > 0 && is_finite($df)) || throw new InvalidArgumentException('Degrees of freedom are above 0.');
    }

    /** The share of the distribution that lies below $x: the regularised lower incomplete gamma function. */
    public function below(float $x): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        [$a, $half] = [$this->df / 2, $x / 2];
        $front = exp(-$half + $a * log($half) - Gamma::log($a));

        return $half < $a + 1
            ? $front * $this->series($a, $half)
            : 1 - $front * $this->fraction($a, $half);
    }

    /**
     * The value below which a share $p lies, to about 12 digits.
     *
     * @param  float  $p  above 0 and below 1
     */
    public function quantile(float $p): float
    {
        [$low, $high] = [0.0, max(1.0, 2 * $this->df)];
        while ($this->below($high) < $p) {
            $high *= 2;
        }
        for ($i = 0; $i < 200 && $high - $low > 1e-13 * $high; $i++) {
            $middle = ($low + $high) / 2;
            $this->below($middle) < $p ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2;
    }

    private function series(float $a, float $x): float
    {
        $term = $sum = 1 / $a;
        for ($n = 1; $n < self::STEPS && $term > self::NEAR_ENOUGH * $sum; $n++) {
            $term *= $x / ($a + $n);
            $sum += $term;
        }

        return $sum;
    }

    /** Lentz's continued fraction of the upper function (Numerical Recipes, 6.2). */
    private function fraction(float $a, float $x): float
    {
        $b = $x + 1 - $a;
        $c = 1e300;
        $d = 1 / $b;
        $h = $d;
        for ($i = 1; $i < self::STEPS; $i++) {
            $an = -$i * ($i - $a);
            $b += 2;
            $d = 1 / ($an * $d + $b);
            $c = $b + $an / $c;
            $h *= $d * $c;
            if (abs($d * $c - 1) < self::NEAR_ENOUGH) {
                break;
            }
        }

        return $h;
    }
}
