<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Mass;

/** A run of portions beside its target: how many, how heavy, how alike, and what was given away. */
final readonly class Tally
{
    /**
     * @param  Mass|null  $mean  rounded to the milligram; null for no pieces
     * @param  float|null  $sdGrams  the hand's scatter (n − 1); null below two pieces
     * @param  int  $under  lighter than the band, not servable as this dish
     * @param  int  $over  heavier than the band
     * @param  Mass  $givenAway  what all pieces above the target weigh beyond it
     */
    private function __construct(
        public int $count,
        public Mass $total,
        public ?Mass $mean,
        public ?Mass $lightest,
        public ?Mass $heaviest,
        public ?float $sdGrams,
        public int $under,
        public int $over,
        public Mass $givenAway,
    ) {
    }

    /** @param  list<Mass>  $pieces */
    public static function of(array $pieces, Band $band): self
    {
        $weights = array_map(fn (Mass $piece): int => $piece->milligrams, $pieces);
        $count = count($weights);
        $total = array_sum($weights);
        $places = array_map(fn (Mass $piece): Placed => $band->place($piece), $pieces);
        $mean = $total / max(1, $count);
        $scatter = Scatter::of(array_map(floatval(...), $weights));

        return new self(
            $count,
            Mass::ofMilligrams($total),
            $count === 0 ? null : Mass::ofMilligrams((int) round($mean)),
            $weights === [] ? null : Mass::ofMilligrams(min($weights)),
            $weights === [] ? null : Mass::ofMilligrams(max($weights)),
            $scatter === null ? null : $scatter / 1000,
            count(array_filter($places, fn (Placed $placed): bool => $placed === Placed::Under)),
            count(array_filter($places, fn (Placed $placed): bool => $placed === Placed::Over)),
            Mass::ofMilligrams(
                array_sum(array_map(fn (int $weight): int => max(0, $weight - $band->target->milligrams), $weights)),
            ),
        );
    }
}
