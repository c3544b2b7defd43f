<?php

declare(strict_types=1);

namespace App\Log;

use App\BreakDown\FishTree;
use App\Measure\Piece;
use App\Portion\Dish;
use App\Receive\Fish;
use App\Receive\Stage;
use Illuminate\Database\Eloquent\Collection;
use Sectum\BreakDown\Keel;
use Sectum\Fish\Part;
use Sectum\Log\Place;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

/** Where each piece of a fish is now, in words. */
final readonly class FoundPlaces
{
    /** @param  Collection<int, Dish>  $dishes */
    public function __construct(private Collection $dishes, private Mass $step)
    {
    }

    /** @return list<array{Piece|null, Place}> the piece, or none for a fish that is still whole */
    public function of(Fish $fish): array
    {
        $whole = match (true) {
            $fish->stage === Stage::Refused => 'Refused, goes back to the supplier',
            $fish->stage === Stage::Receive => 'At the door',
            ! $fish->isCut() => 'In the cold room, whole',
            default => null,
        };
        if ($whole !== null) {
            return [[null, new Place($whole, null, $fish->mass(), $fish->count)]];
        }
        $found = [];
        foreach (Keel::of(FishTree::of($fish, $this->step), MassUnit::Gram)->segments as $segment) {
            $piece = $fish->pieces->firstWhere('id', $segment->piece) ?? $fish->whole();
            $found[] = [$piece, $segment->remainder
                ? new Place($fish->broken_down ? 'Lost between fillet and portion' : 'Not weighed yet', null, $segment->mass)
                : new Place($this->where($fish, $piece), FishTree::family($piece), $segment->mass)];
        }

        return $found;
    }

    private function where(Fish $fish, Piece $piece): string
    {
        return match (true) {
            $piece->bin !== null => "Bin: {$piece->bin->spoken()}",
            $piece->part === Part::Portion => 'Portions: '.($this->dishes->firstWhere('id', $fish->dish_id)->name ?? 'no dish yet'),
            $piece->part->isFillet() => 'Fillets, to be portioned',
            default => 'On the board, not routed',
        };
    }
}
