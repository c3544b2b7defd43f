<?php

declare(strict_types=1);

namespace Sectum\Math;

use InvalidArgumentException;

/** Student's t distribution. */
final readonly class StudentT
{
    private const TINY = 1e-300;

    private const NEAR_ENOUGH = 1e-15;

    /** @param  float  $df  degrees of freedom, above 0 */
    public function __construct(public float $df)
    {
        ($df > 0 && is_finite($df)) || throw new InvalidArgumentException('Degrees of freedom are above 0.');
    }

    /** The share of the distribution that lies below $t. */
    public function below(float $t): float
    {
        $tail = 0.5 * self::incompleteBeta($this->df / 2, 0.5, $this->df / ($this->df + $t * $t));

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
            $high *= 2;
        }
        for ($i = 0; $i < 200 && $high - $low > 1e-13 * $high; $i++) {
            $middle = ($low + $high) / 2;
            $this->below($middle) < $p ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2;
    }

    /** Regularised incomplete beta function by Lentz's continued fraction (Numerical Recipes, 6.4). */
    private static function incompleteBeta(float $a, float $b, float $x): float
    {
        if ($x <= 0 || $x >= 1) {
            return $x <= 0 ? 0.0 : 1.0;
        }
        $front = exp(
            Gamma::log($a + $b) - Gamma::log($a) - Gamma::log($b) + $a * log($x) + $b * log(1 - $x),
        );

        return $x < ($a + 1) / ($a + $b + 2)
            ? ($front * self::fraction($a, $b, $x)) / $a
            : 1 - ($front * self::fraction($b, $a, 1 - $x)) / $b;
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
