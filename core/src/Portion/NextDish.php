<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Mass;

/** Which other dish takes a piece that is too light for its own. */
final readonly class NextDish
{
    /**
     * The heaviest dish whose band the piece is in; else the heaviest it can be trimmed down to.
     *
     * @template T of array-key
     *
     * @param  array<T, Band>  $dishes  the others
     * @return T|null null when it is too light for them all
     */
    public static function for(Mass $piece, array $dishes): int|string|null
    {
        $fitting = array_filter($dishes, fn (Band $band): bool => $band->place($piece) === Placed::Within);
        $fitting =
            $fitting !== []
                ? $fitting
                : array_filter($dishes, fn (Band $band): bool => $band->place($piece) === Placed::Over);
        uasort($fitting, fn (Band $a, Band $b): int => $b->target->milligrams <=> $a->target->milligrams);

        return array_key_first($fitting);
    }
}
