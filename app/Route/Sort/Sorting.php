<?php

declare(strict_types=1);

namespace App\Route\Sort;

use App\Fish\Fish;
use App\Fish\FishTree;
use App\Fish\Piece;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Route\Bins\Bins;
use DateTimeImmutable;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\CutTree;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Fish\ScaleType;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\PricePerKg;
use Sectum\Portion\Placed;
use Sectum\Route\BinNeed;
use Sectum\Route\Destination;
use Sectum\Route\Destinations;
use Sectum\Route\Leftover;

/** The parts of a fish that have to go somewhere, and where each may go. */
final class Sorting
{
    private ?CutTree $tree = null;

    /** @var array<string, BinNeed>|null asked for once, when something has to be ranked */
    private ?array $needs = null;

    private readonly DateTimeImmutable $now;

    public function __construct(private readonly Fish $fish, private readonly Settings $settings)
    {
        $this->now = app(ClockInterface::class)->now();
    }

    public function tree(): CutTree
    {
        return $this->tree ??= FishTree::of($this->fish, $this->settings->scaleStep);
    }

    /** @return list<Piece> weighed, cut no further, and not on a plate */
    public function pieces(): array
    {
        $cut = [];
        foreach ($this->fish->pieces as $piece) {
            if ($piece->parent_id !== null && $piece->reading() !== null) {
                $cut[$piece->parent_id] = true;
            }
        }

        return array_values(
            array_filter(
                $this->fish->pieces->all(),
                fn (Piece $piece): bool => $piece->part !== Part::Whole &&
                    ! isset($cut[$piece->id]) &&
                    $piece->reading() !== null &&
                    ($piece->part !== Part::Portion || $piece->bin !== null || $this->isUnder($piece)),
            ),
        );
    }

    public function destinations(Piece $piece): Destinations
    {
        $species = $this->fish->species;
        $raw = $this->fish->rawService($piece);
        $ends = $this->fish->keeps_until === null ? null : Moment::at($this->fish->keeps_until);
        $bright = $this->fish->raw_until === null ? null : Moment::at($this->fish->raw_until);

        return Destinations::of(
            new Leftover(
                $piece->part,
                $species->fat,
                $piece->reading()?->mass() ?? Mass::zero(),
                $species->hazardList(),
                $this->isScaled(),
                in_array($piece->part->value, explode(' ', $species->keep), true),
                $raw->open ? null : $raw->why,
                $bright === null || $this->now <= $bright,
                $ends !== null && Moment::day($ends) < Moment::day($this->now),
                $piece->broken,
            ),
            $this->settings->ways,
            $this->needs(),
        );
    }

    /** What a kilo is worth where it goes; null when nobody said. */
    public function worth(Destination $to): ?PricePerKg
    {
        return $this->needs()[$to->bin->value]->value?->share($to->worthPct);
    }

    /** @return array<string, BinNeed> */
    private function needs(): array
    {
        return $this->needs ??= Bins::standing()->needs();
    }

    /** A portion too small for its dish may still be served, or go to a bin. */
    public function isUnder(Piece $piece): bool
    {
        return $piece->part === Part::Portion &&
            $piece->reading() !== null &&
            $this->dishOf($piece)?->each()->place($piece->each()) === Placed::Under;
    }

    /** What a portion was cut for; the fish's usual dish when nobody said. */
    private function dishOf(Piece $piece): ?Dish
    {
        $id = $piece->dish_id ?? $this->fish->dish_id;

        return Dish::of($id);
    }

    /**
     * Whether the skin is free of scales, by how the fish came, what the cutter chose and what was weighed; null when
     * nobody said.
     */
    private function isScaled(): ?bool
    {
        return match (true) {
            $this->fish->species->scales === ScaleType::Bony => false,
            $this->fish->species->scales === ScaleType::None,
            $this->fish->state === StateBought::GuttedAndScaled => true,
            $this->fish->pieces->contains(
                fn (Piece $piece): bool => $piece->part === Part::Scales && $piece->reading() !== null,
            ) => true,
            ($this->fish->choices['scales'] ?? null) === 'left' => false,
            isset($this->fish->choices['scales']) => true,
            default => null,
        };
    }
}
