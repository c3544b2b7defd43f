<?php

declare(strict_types=1);

namespace App\Route;

use App\BreakDown\FishTree;
use App\Measure\Piece;
use App\Portion\Dish;
use App\Receive\Fish;
use Sectum\BreakDown\CutTree;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\Placed;
use Sectum\Route\Destinations;

/** The parts of a fish that have to go somewhere, and where each may go. */
final readonly class Sorting
{
    private ?Dish $dish;

    public CutTree $tree;

    public function __construct(private Fish $fish, Mass $step)
    {
        $this->dish = $fish->dish_id === null ? null : Dish::query()->find($fish->dish_id);
        $this->tree = FishTree::of($fish, $step);
    }

    /** @return list<Piece> weighed, cut no further, and not on a plate */
    public function pieces(): array
    {
        $whole = $this->fish->whole();

        return array_values($this->fish->pieces
            ->filter(fn (Piece $piece): bool => $piece->reading() !== null && $piece->id !== $whole->id && ! $this->wasCut($piece))
            ->filter(fn (Piece $piece): bool => $piece->part !== Part::Portion || $this->isUnder($piece) || $piece->bin !== null)
            ->all());
    }

    public function destinations(Piece $piece): Destinations
    {
        return Destinations::of($piece->part, $this->fish->species->fat);
    }

    /** A portion too small for its dish may still be served, or go to a bin. */
    public function isUnder(Piece $piece): bool
    {
        $reading = $piece->reading();

        return $piece->part === Part::Portion && $reading !== null && $this->dish?->band()->place($reading->mass()) === Placed::Under;
    }

    private function wasCut(Piece $piece): bool
    {
        return $this->fish->pieces->contains(fn (Piece $other): bool => $other->parent_id === $piece->id && $other->reading() !== null);
    }
}
