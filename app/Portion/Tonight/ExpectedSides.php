<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use Sectum\BreakDown\UncutFish;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\Together\UncutSides;

/** The fillets of a fish that is not portioned yet: weighed where they are off, else as the catalogue expects them. */
final readonly class ExpectedSides
{
    public static function of(Fish $fish): ?UncutSides
    {
        $each = $fish->count * match ($fish->species->form) {
            BodyForm::Flat => 4,
            BodyForm::Round, BodyForm::Tail => 2,
        };
        $off = CutFrom::sides($fish);
        if ($off !== []) {
            $there = Mass::sum(array_map(fn (Piece $side): Mass => $side->reading()?->mass() ?? Mass::zero(), $off));

            return new UncutSides($there->grams(), 0.0, count($off));
        }
        $expected = $fish->species->expected($fish->state);
        $fillets = UncutFish::of($fish->mass(), $expected, $fish->species->form->parts())->fillets();
        if (! $fillets->isPositive()) {
            return null;
        }
        $variance = 0.0;
        foreach ($expected as $part => $share) {
            $variance += Part::from($part)->isFillet() ? $share->sdPct ** 2 : 0.0;
        }

        return new UncutSides($fillets->grams(), ($fish->mass()->grams() * sqrt($variance)) / 100, $each);
    }
}
