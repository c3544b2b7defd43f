<?php

declare(strict_types=1);

namespace Sectum\Math;

/** The logarithm of the gamma function. */
final readonly class Gamma
{
    private const TERMS = [
        0.99999999999980993,
        676.5203681218851,
        -1259.1392167224028,
        771.32342877765313,
        -176.61502916214059,
        12.507343278686905,
        -0.13857109526572012,
        9.9843695780195716e-6,
        1.5056327351493116e-7,
    ];

    /** Lanczos' approximation, g = 7, nine terms; good to about 15 digits above 0.5. */
    public static function log(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::log(1 - $x);
        }
        $sum = self::TERMS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::TERMS[$i] / ($x - 1 + $i);
        }
        $t = $x + 6.5;

        return 0.5 * log(2 * M_PI) + ($x - 0.5) * log($t) - $t + log($sum);
    }
}
