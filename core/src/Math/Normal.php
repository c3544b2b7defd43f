<?php

declare(strict_types=1);

namespace Sectum\Math;

/** The standard normal distribution. */
final readonly class Normal
{
    private const CENTRE = [
        [
            2509.0809287301226727,
            33430.575583588128105,
            67265.770927008700853,
            45921.953931549871457,
            13731.693765509461125,
            1971.5909503065514427,
            133.14166789178437745,
            3.387132872796366608,
        ],
        [
            5226.495278852854561,
            28729.085735721942674,
            39307.89580009271061,
            21213.794301586595867,
            5394.1960214247511077,
            687.1870074920579083,
            42.313330701600911252,
            1.0,
        ],
    ];

    private const NEAR_TAIL = [
        [
            7.7454501427834140764e-4,
            0.0227238449892691845833,
            0.24178072517745061177,
            1.27045825245236838258,
            3.64784832476320460504,
            5.7694972214606914055,
            4.6303378461565452959,
            1.42343711074968357734,
        ],
        [
            1.05075007164441684324e-9,
            5.475938084995344946e-4,
            0.0151986665636164571966,
            0.14810397642748007459,
            0.68976733498510000455,
            1.6763848301838038494,
            2.05319162663775882187,
            1.0,
        ],
    ];

    private const FAR_TAIL = [
        [
            2.01033439929228813265e-7,
            2.71155556874348757815e-5,
            0.0012426609473880784386,
            0.026532189526576123093,
            0.29656057182850489123,
            1.7848265399172913358,
            5.4637849111641143699,
            6.6579046435011037772,
        ],
        [
            2.04426310338993978564e-15,
            1.4215117583164458887e-7,
            1.8463183175100546818e-5,
            7.868691311456132591e-4,
            0.0148753612908506148525,
            0.13692988092273580531,
            0.59983220655588793769,
            1.0,
        ],
    ];

    /**
     * The value below which a share $p of the distribution lies.
     *
     * Wichura's algorithm AS 241 (Applied Statistics 37, 1988), good to about 16 digits.
     *
     * @param  float  $p  above 0 and below 1
     */
    public static function quantile(float $p): float
    {
        $q = $p - 0.5;
        if (abs($q) <= 0.425) {
            return $q * self::ratio(self::CENTRE, 0.180625 - $q * $q);
        }
        $r = sqrt(-log($q < 0 ? $p : 1 - $p));
        $value = $r <= 5 ? self::ratio(self::NEAR_TAIL, $r - 1.6) : self::ratio(self::FAR_TAIL, $r - 5);

        return $q < 0 ? -$value : $value;
    }

    /**
     * The share of the distribution above a value: a continued fraction in the tail, a series around the middle; about
     * 14 digits.
     */
    public static function above(float $z): float
    {
        if ($z < 0) {
            return 1 - self::above(-$z);
        }
        $density = exp(-0.5 * $z * $z) / sqrt(2 * M_PI);
        if ($z > 3) {
            $fraction = 0.0;
            for ($k = 200; $k > 0; $k--) {
                $fraction = $k / ($z + $fraction);
            }

            return $density / ($z + $fraction);
        }
        $term = $z;
        $sum = $z;
        for ($k = 1; abs($term) > 1e-17; $k++) {
            $term *= ($z * $z) / (2 * $k + 1);
            $sum += $term;
        }

        return 0.5 - $density * $sum;
    }

    /** The share of a normal of some mean and spread at or above a value; all or nothing where nothing spreads. */
    public static function reaches(float $value, float $mean, float $sd): float
    {
        return $sd > 0 ? self::above(($value - $mean) / $sd) : ($mean >= $value - 1e-9 ? 1.0 : 0.0);
    }

    /** The value a chi-squared of one degree of freedom exceeds with chance $p (above 0, below 1). */
    public static function chiSquaredExceededBy(float $p): float
    {
        return self::quantile($p / 2) ** 2;
    }

    /** @param  list<list<float>>  $polynomials  what stands above the line and below it, highest power first */
    private static function ratio(array $polynomials, float $x): float
    {
        $values = array_map(
            fn (array $coefficients): float => array_reduce(
                $coefficients,
                fn (float $sum, float $c): float => $sum * $x + $c,
                0.0,
            ),
            $polynomials,
        );

        return $values[0] / $values[1];
    }
}
