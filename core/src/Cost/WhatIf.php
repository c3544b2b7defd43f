<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** A plate as it is and as it might be, and what the difference comes to in a year. */
final readonly class WhatIf
{
    private const WEEKS = 52;

    /**
     * @param  Money  $saves  a plate, by fish alone; below zero when it costs more
     * @param  Money|null  $aYear  the same over a year; null when nobody knows how many are sold
     */
    private function __construct(
        public Plate $now,
        public Plate $then,
        public Money $nowPortion,
        public Money $thenPortion,
        public Money $saves,
        public ?Money $aYear,
    ) {
    }

    /**
     * @param  callable(Money): Plate  $plate  the rest of the plate around a portion of that cost
     * @param  int|null  $aWeek  plates sold in a week, 0 or more
     * @param  Money|null  $portion  what a portion really came to, when that is known better than from the mean
     *     fish; the difference is the mean fish's
     */
    public static function of(
        Yielded $now,
        Mass $portionNow,
        Yielded $then,
        Mass $portionThen,
        callable $plate,
        ?int $aWeek,
        ?Money $portion = null,
    ): self {
        $before = $portion ?? $now->portion($portionNow);
        $after = $before->plus($then->portion($portionThen))->minus($now->portion($portionNow));
        $plates = [$plate($before), $plate($after)];
        $saves = $plates[0]->cost->minus($plates[1]->cost);

        return new self(
            $plates[0],
            $plates[1],
            $before,
            $after,
            $saves,
            $aWeek === null ? null : $saves->times($aWeek * self::WEEKS),
        );
    }
}
