<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

use Sectum\Math\StudentT;

/**
 * How fish of one level lie against what was expected of them: their mean, and between what it lies nine times in ten.
 */
final readonly class Level
{
    private const SHARE = 0.9;

    /**
     * @param  float|null  $low  points; null while one fish says nothing of a spread
     * @param  float|null  $high  points
     */
    private function __construct(public int $count, public float $mean, public ?float $low, public ?float $high)
    {
    }

    /**
     * From the sums that a database adds up.
     *
     * @param  int  $count  above 0
     * @param  float  $sum  of points above what was expected
     * @param  float  $squares  of the same
     */
    public static function of(int $count, float $sum, float $squares): self
    {
        $mean = $sum / $count;
        if ($count < 2) {
            return new self($count, $mean, null, null);
        }
        $sd = sqrt(max(0.0, $squares - $count * $mean ** 2) / ($count - 1));
        $half = ((new StudentT($count - 1))->quantile(0.5 + self::SHARE / 2) * $sd) / sqrt($count);

        return new self($count, $mean, $mean - $half, $mean + $half);
    }
}
