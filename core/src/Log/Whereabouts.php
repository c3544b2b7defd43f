<?php

declare(strict_types=1);

namespace Sectum\Log;

use Sectum\Measure\Mass;

/**
 * Everything that came of some fish, by where it is now. What went in is what is found plus what is not accounted for,
 * to the milligram.
 */
final readonly class Whereabouts
{
    /**
     * @param  list<Place>  $places  each place once, heaviest first, by name where equal
     * @param  Mass  $unaccounted  lost in the cut or not weighed yet; below zero when more came off than went on
     */
    private function __construct(public Mass $in, public array $places, public Mass $unaccounted)
    {
    }

    /** @param  list<Place>  $found  one a piece, in any order; a place that holds several families has none */
    public static function of(Mass $in, array $found): self
    {
        $places = [];
        $sum = Mass::zero();
        foreach ($found as $one) {
            $so = $places[$one->name] ?? null;
            $places[$one->name] =
                $so === null
                    ? $one
                    : new Place(
                        $one->name,
                        $so->family === $one->family ? $one->family : null,
                        $so->mass->plus($one->mass),
                        $so->pieces + $one->pieces,
                    );
            $sum = $sum->plus($one->mass);
        }
        $places = array_values($places);
        usort(
            $places,
            fn (Place $a, Place $b): int => [$b->mass->milligrams, $a->name] <=> [$a->mass->milligrams, $b->name],
        );

        return new self($in, $places, $in->minus($sum));
    }
}
