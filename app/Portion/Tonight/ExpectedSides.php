<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Database\WorkedOut;
use Sectum\Measure\Mass;
use Sectum\Portion\Together\UncutPortions;
use Sectum\Portion\Together\UncutSides;

/** The fillets of a fish that is not portioned yet: weighed where they are off, else as the catalogue expects them. */
final readonly class ExpectedSides
{
    /** Null when nothing is expected of it. */
    public static function of(Fish $fish): ?UncutSides
    {
        $off = CutFrom::sides($fish);
        if ($off !== []) {
            $there = Mass::sum(array_map(fn (Piece $side): Mass => $side->reading()?->mass() ?? Mass::zero(), $off));

            return new UncutSides($there->grams(), 0.0, count($off));
        }
        $sides = UncutSides::expected(
            $fish->mass(),
            $fish->count,
            $fish->species->expected($fish->state),
            $fish->species->form,
        );

        return $sides->meanGrams > 0 ? $sides : null;
    }

    /** @param  list<UncutSides>  $sides */
    public static function give(array $sides, Mass $portion): UncutPortions
    {
        return WorkedOut::of(
            UncutPortions::class,
            [$sides, $portion->milligrams],
            fn (): UncutPortions => UncutPortions::of($sides, $portion->grams()),
        );
    }
}
