<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Catalogue\HouseBin;
use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Portion\Hand\Hand;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Kind;
use Sectum\Portion\OwnMarks;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\School;
use Sectum\Portion\Shape\ShapeFit;
use Sectum\Portion\Zones\TakenOff;
use Sectum\Portion\Zones\Ways;

/**
 * Where the next cut of one fillet goes: its shape as the house knows it and as its own pieces told it so far, what is
 * still ahead of the knife, and what can be cut of that.
 */
final class FilletPlan
{
    /** @var array<string, PortionPlan|null> each searched for once, by school */
    private array $found = [];

    /**
     * @param  list<Cut>  $cuts  done, from the head end on
     * @param  FilletOnBoard  $fillet  as it is believed to be now, what is behind the knife counted as squared off
     * @param  array<string, Dish>  $dishes  by id, in the order asked for
     * @param  list<Kind>  $kinds  of those that can be cut from this piece
     * @param  list<array{code: string, say: string}>  $never  why others cannot
     * @param  Mass  $laid  the fillet before its first cut
     * @param  Mass  $left  ahead of the knife
     * @param  Mass|null  $belly  that comes off before the first cut; null when none does, or it is off
     * @param  bool  $overdrawn  whether more came off than it weighed
     */
    private function __construct(
        public readonly int $fishNumber,
        public readonly Piece $piece,
        public readonly Laying $laying,
        public readonly array $cuts,
        public readonly FilletOnBoard $fillet,
        public readonly float $knifeCm,
        public readonly array $dishes,
        public readonly array $kinds,
        public readonly array $never,
        public readonly Mass $laid,
        public readonly Mass $left,
        public readonly ?Mass $belly,
        public readonly bool $overdrawn,
        public readonly float $trimPerKgMinor,
        public readonly Hand $hand,
    ) {
    }

    /** @throws Fault at the field that makes no sense */
    public static function of(Fish $fish, Piece $piece, Laying $laying, Person $person): self
    {
        $settings = Settings::load();
        $laid = Cut::laid($fish, $piece);
        $left = Cut::left($fish, $piece);
        $cuts = Cut::on($fish, $piece);
        $laid->isPositive() ||
            throw Fault::conflict("Nothing of {$piece->name} is left to plan.", ['version' => $fish->version]);
        $knife = $cuts === [] ? 0.0 : max(array_map(fn (Cut $cut): float => $cut->toCm, $cuts));
        $shape = $laying->shapeOf($fish);
        $flap = Belly::on($fish, $piece);
        $belly = null;
        if ($laying->belly === TakenOff::Before) {
            $shape = Belly::flap($fish)->off($shape);
            // Until it is weighed off, what its kind's share says.
            $belly = $cuts === [] && $flap->share > 0 ? Mass::ofGrams(round($flap->share * $laid->grams())) : null;
        }
        $laid = $belly === null ? $laid : $laid->minus($belly);
        $left = $belly === null ? $left : $left->minus($belly);
        $fillet = Fault::within('', function () use ($laying, $laid, $left, $cuts, $knife, $shape): FilletOnBoard {
            // Made all the same once cuts are done: it says which figure of the fillet cannot be.
            $whole = new FilletOnBoard(
                $shape,
                $laid->grams(),
                $laying->lengthCm,
                $laying->thicknessMm,
                $laying->square->grams(),
                $laying->tailMm,
            );
            if ($cuts === [] || ! $left->isPositive() || $knife >= $laying->lengthCm) {
                return $whole;
            }
            $told = ShapeFit::of(
                $shape,
                array_map(
                    fn (Cut $cut) => $cut->measured(),
                    array_values(array_filter($cuts, fn (Cut $cut): bool => $cut->atMark)),
                ),
                $laid->grams(),
                $laying->lengthCm,
            );

            return FilletOnBoard::ahead(
                $told,
                $knife,
                $left->grams(),
                $laying->lengthCm,
                $laying->thicknessMm,
                $laying->tailMm,
            );
        });
        $hand = Hand::of($person);
        [$dishes, $kinds, $never] = self::kinds($fish, $piece, $laying, $cuts, $settings, $hand);
        if ($laying->belly === TakenOff::After && $kinds !== []) {
            $kinds = Ways::heavier($kinds, $flap->share);
        }

        return new self(
            $fish->number,
            $piece,
            $laying,
            $cuts,
            $fillet,
            $knife,
            $dishes,
            $kinds,
            $never,
            $laid,
            $left,
            $belly,
            ! $left->isPositive() && $cuts !== [],
            self::trimPerKg(),
            $hand,
        );
    }

    /** What can be cut of the rest by a school; null when nothing is asked for or nothing is left. */
    public function by(School $school): ?PortionPlan
    {
        if ($this->kinds === [] || $this->overdrawn || $this->knifeCm >= $this->laying->lengthCm) {
            return null;
        }
        if (! array_key_exists($school->value, $this->found)) {
            $this->found[$school->value] = $school->plan($this->fillet, $this->kinds, $this->trimPerKgMinor);
        }

        return $this->found[$school->value];
    }

    /** The cutter's own marks ahead of the knife; null when there are none. */
    public function byOwnMarks(): ?OwnMarks
    {
        $ahead = array_values(
            array_filter($this->laying->marksCm, fn (float $mark): bool => $mark > $this->knifeCm + 0.01),
        );
        if ($this->laying->marksCm === [] || $this->overdrawn) {
            return null;
        }

        return Fault::within(
            '',
            fn (): OwnMarks => OwnMarks::of(
                $this->fillet,
                $this->cuts === [] ? $this->laying->marksCm : [$this->knifeCm, ...$ahead],
                $this->kinds,
                $this->trimPerKgMinor,
            ),
        );
    }

    /** @return list<PlannedPiece> still to be cut, from the knife on */
    public function ahead(): array
    {
        return $this->byOwnMarks()->pieces ?? ($this->by($this->laying->school)->pieces ?? []);
    }

    /** A dish something was cut for, asked for now or before. */
    public function named(string $id): ?Dish
    {
        return $this->dishes[$id] ?? Dish::of($id);
    }

    /** Where the head end is squared off, or where the knife stands. */
    public function startCm(): float
    {
        return $this->cuts === []
            ? $this->laying->marksCm[0] ?? $this->fillet->cm($this->laying->square->grams())
            : $this->knifeCm;
    }

    /**
     * @param  list<Cut>  $cuts
     * @return array{array<string, Dish>, list<Kind>, list<array{code: string, say: string}>}
     */
    private static function kinds(
        Fish $fish,
        Piece $piece,
        Laying $laying,
        array $cuts,
        Settings $settings,
        Hand $hand,
    ): array {
        $loin = in_array($piece->part, [Part::Loin, Part::LoinA, Part::LoinB, Part::BackLoin], true);
        $belly = $piece->part === Part::BellyLoin;
        $dishes = [];
        $kinds = [];
        $never = [];
        foreach ($laying->kinds as $i => ['dish' => $id, 'max' => $max]) {
            $dish =
                Dish::of($id) ??
                throw Fault::inField("/kinds/{$i}/dish", 'This dish is not on the list any more. Choose another.');
            $dishes[$dish->id] = $dish;
            if ($dish->retired_at !== null) {
                $never[] = ['code' => 'retired', 'say' => "{$dish->name} was taken off the list."];

                continue;
            }
            if ($dish->species_id !== null && $dish->species_id !== $fish->species_id) {
                $never[] = ['code' => 'another-fish', 'say' => "{$dish->name} is a dish of another fish."];

                continue;
            }
            if (! $dish->stretch->isOf($loin, $belly)) {
                $never[] = [
                    'code' => 'another-stretch',
                    'say' => "{$dish->name} is cut from {$dish->stretch->spoken()}, and this is ".
                        lcfirst($piece->name).
                        '.',
                ];

                continue;
            }
            $done = count(array_filter($cuts, fn (Cut $cut): bool => $cut->piece->dish_id === $dish->id));
            $kind = Fault::within(
                "/kinds/{$i}",
                fn (): Kind => $dish->kind($settings, $max === null ? null : max(0, $max - $done)),
            );
            $aim = $laying->aimed ? $hand->aim($dish->each()) : null;
            $kinds[] =
                $aim === null
                    ? $kind
                    : $kind->aimedAt(
                        max(
                            $kind->targetGrams - $kind->minusGrams,
                            min($kind->targetGrams + $kind->plusGrams, $aim->grams),
                        ),
                    );
        }

        return [$dishes, $kinds, $never];
    }

    /** What a kilo of trim brings, minor units. */
    private static function trimPerKg(): float
    {
        return (float) HouseBin::of(Bin::Mince)->value_per_kg_minor;
    }

    /**
     * What is left of the fillet when these are cut off, never less than nothing.
     *
     * @param  array<PlannedPiece>  $pieces
     */
    public function leftAfter(array $pieces): Mass
    {
        $cut = array_sum(array_map(fn (PlannedPiece $piece): float => $piece->massGrams, $pieces));

        return Mass::ofGrams(max(0.0, $this->left->grams() - $cut));
    }
}
