<?php

declare(strict_types=1);

namespace App\Log\Trace;

use App\Fish\Fish;
use App\Fish\FishTree;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Portion\Dish\Dish;
use App\Route\Bins\BinDeposit;
use Illuminate\Database\Eloquent\Collection;
use Sectum\BreakDown\Keel;
use Sectum\Fish\Part;
use Sectum\Log\Place;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;
use Sectum\Route\Bins\Keeping;
use Sectum\Route\Bins\Leaving;

/** Where each piece of a fish is now, in words. */
final readonly class FoundPlaces
{
    /** @param  Collection<string, Dish>  $dishes */
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
        $deposits = BinDeposit::query()->with('withdrawals.making')->where('fish_id', $fish->id)->get();
        $found = [];
        foreach (Keel::of(FishTree::of($fish, $this->step), MassUnit::Gram)->segments as $segment) {
            $piece = $fish->pieces->firstWhere('id', $segment->piece) ?? $fish->whole();
            $found[] = [
                $piece,
                $segment->remainder
                    ? new Place(
                        $fish->broken_down ? 'Lost between fillet and portion' : 'Not weighed yet',
                        null,
                        $segment->mass,
                    )
                    : new Place(
                        $this->where($fish, $piece, $deposits->where('piece_id', $piece->id)),
                        FishTree::family($piece),
                        $segment->mass,
                    ),
            ];
        }

        return $found;
    }

    /** @param  Collection<int, BinDeposit>  $deposits  of this piece */
    private function where(Fish $fish, Piece $piece, Collection $deposits): string
    {
        return match (true) {
            $piece->bin !== null && $deposits->isNotEmpty() => self::inBins($deposits),
            $piece->bin !== null => "Bin: {$piece->bin->spoken()}",
            $piece->part === Part::Portion => 'Portions: '.
                ($this->dishes->firstWhere('id', $piece->dish_id ?? $fish->dish_id)->name ?? 'no dish yet'),
            $piece->part->isFillet() => 'Fillets, to be portioned',
            default => 'On the board, not routed',
        };
    }

    /**
     * The bins it still lies in, the batches it went into, and what else became of it.
     *
     * @param  Collection<int, BinDeposit>  $deposits
     */
    private static function inBins(Collection $deposits): string
    {
        $places = [];
        foreach ($deposits as $deposit) {
            if ($deposit->deposit()->left->isPositive()) {
                $places[] =
                    "Bin: {$deposit->bin->spoken()}".($deposit->keeping === Keeping::Frozen ? ', frozen' : '');
            }
            foreach ($deposit->withdrawals as $out) {
                $places[] = match ($out->how) {
                    Leaving::Batch => $out->making === null
                        ? ''
                        : "Batch {$out->making->number}: {$out->making->asMade()->name}",
                    Leaving::Meal => 'Eaten as a meal',
                    Leaving::Discard => 'Thrown away',
                    Leaving::Correction,
                    Leaving::Moved => '',
                };
            }
        }

        return implode('; ', array_unique(array_filter($places, fn (string $place): bool => $place !== '')));
    }
}
