<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Measure\Mass;

/** A plate as it is and as it might be, and what the difference comes to in a year. */
final readonly class WhatIf
{
    private const WEEKS = 52;

    /**
     * @param  int  $savesMinor  a plate, by fish alone; below zero when it costs more
     * @param  int|null  $aYearMinor  the same over a year; null when nobody knows how many are sold
     */
    private function __construct(
        public Plate $now,
        public Plate $then,
        public int $nowPortionMinor,
        public int $thenPortionMinor,
        public int $savesMinor,
        public ?int $aYearMinor,
    ) {
    }

    /**
     * @param  callable(int): Plate  $plate  the rest of the plate around a portion of that cost
     * @param  int|null  $aWeek  plates sold in a week, 0 or more
     * @param  int|null  $portionMinor  what a portion really came to, when that is known better than from the mean
     *     fish; the difference is the mean fish's
     */
    public static function of(
        Yielded $now,
        Mass $portionNow,
        Yielded $then,
        Mass $portionThen,
        callable $plate,
        ?int $aWeek,
        ?int $portionMinor = null,
    ): self {
        $before = $portionMinor ?? $now->portionMinor($portionNow);
        $after = $before + $then->portionMinor($portionThen) - $now->portionMinor($portionNow);
        $plates = [$plate($before), $plate($after)];
        $saves = $plates[0]->plateCostMinor - $plates[1]->plateCostMinor;

        return new self(
            $plates[0],
            $plates[1],
            $before,
            $after,
            $saves,
            $aWeek === null ? null : $saves * $aWeek * self::WEEKS,
        );
    }
}
