<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use Sectum\Fish\Part;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Cuts\EvenCuts;
use Sectum\Portion\Cuts\Medallions;
use Sectum\Portion\FilletGuess;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\OwnMarks;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\School;
use Sectum\Portion\Shape\MeasuredThickness;
use Sectum\Portion\Shape\ThicknessFit;
use Sectum\Portion\Zones\TakenOff;
use Sectum\Portion\Zones\Ways;

/** How a fillet is to lie on the board: what a screen asks, what stands there, or what one begins with. */
final readonly class Laying
{
    /** Marks a fillet may bear, as the page may send them. */
    private const MOST_MARKS = 80;

    /**
     * @param  list<array{cm: float|int, mm: float|int}>  $thickAt  where somebody measured how thick it is
     * @param  list<array{dish: string, max: int|null}>  $kinds
     * @param  list<float>  $marksCm
     */
    private function __construct(
        public float $lengthCm,
        public float $thicknessMm,
        public bool $measured,
        public string $shape,
        public Mass $square,
        public float $tailMm,
        public School $school,
        public bool $aimed,
        public bool $guessFirst,
        public TakenOff $belly,
        public array $thickAt,
        public array $kinds,
        public array $marksCm,
    ) {
    }

    /** What lies there, else what one begins with. */
    public static function of(Fish $fish, Piece $fillet): self
    {
        $laid = BoardFillet::under($fillet);

        return $laid === null
            ? self::start($fish, $fillet)
            : new self(
                $laid->length_cm,
                $laid->thickness_mm,
                $laid->measured,
                $laid->shape,
                Mass::ofMilligrams($laid->square_mg),
                $laid->tail_mm,
                School::from($laid->school),
                $laid->aimed,
                $laid->guess_first,
                $laid->belly,
                $laid->thick_at,
                $laid->kinds,
                array_map(floatval(...), $laid->marks_cm),
            );
    }

    /**
     * @throws Fault at the field that makes no sense
     */
    public static function asked(Fields $fields, Fish $fish, Piece $fillet, Person $person): self
    {
        $start = self::start($fish, $fillet);
        $shape = $fields->maybeString('shape') ?? $start->shape;
        $guess = FilletGuess::of($shape, max(1.0, Cut::laid($fish, $fillet)->grams()));
        $length = $fields->maybeString('length');
        $thickness = $fields->maybeString('thickness');
        $kinds = array_map(
            fn (Fields $kind): array => ['dish' => $kind->string('dish'), 'max' => $kind->maybeInt('max')],
            $fields->list('kinds'),
        );
        count(array_unique(array_column($kinds, 'dish'))) === count($kinds) ||
            throw Fault::inField('/kinds', 'Each dish stands in the list once.');

        $asked = new self(
            $length === null
                ? $guess->lengthCm
                : Fault::at('/length', fn (): float => Length::parse($length, $person->units, 'cm')->cm()),
            $thickness === null
                ? $guess->thicknessMm
                : Fault::at('/thickness', fn (): float => Length::parse($thickness, $person->units, 'mm')->mm()),
            $length !== null && $thickness !== null,
            $shape,
            $fields->maybeString('square') === null
                ? $start->square
                : Fault::at('/square', fn (): Mass => self::massOrNothing($fields->string('square'), $person)),
            $fields->number('tail_mm', $start->tailMm),
            School::from($fields->maybeString('school') ?? 'exact'),
            $fields->bool('aimed'),
            $fields->bool('guess_first'),
            TakenOff::from($fields->maybeString('belly') ?? TakenOff::LeftOn->value),
            self::measured($fields, $person),
            $kinds,
            $fields->numberList('marks_cm'),
        );
        $grams = max(1.0, Cut::laid($fish, $fillet)->grams());
        $asked->mustMakeSense($grams);

        return $asked->marked($fields, $grams, $fish, $fillet, $person);
    }

    /** Its shape as the house knows it, as thick as somebody measured it. */
    public function shapeOf(Fish $fish): FilletShape
    {
        return ThicknessFit::of(
            HouseShapes::of($fish->species_id, $this->shape)->shape,
            self::marks($this->thickAt, $this->lengthCm),
            $this->thicknessMm,
        );
    }

    /**
     * @param  list<array{cm: float|int, mm: float|int}>  $thickAt
     * @return list<MeasuredThickness>
     */
    public static function marks(array $thickAt, float $lengthCm): array
    {
        return array_map(
            fn (array $one): MeasuredThickness => new MeasuredThickness(min(1.0, $one['cm'] / $lengthCm), $one['mm']),
            $thickAt,
        );
    }

    /**
     * @return list<array{cm: float, mm: float}>
     *
     * @throws Fault at the place or the thickness that makes no sense
     */
    private static function measured(Fields $fields, Person $person): array
    {
        $marks = [];
        foreach ($fields->list('thick_at') as $i => $mark) {
            $length = fn (string $name, string $unit): Length => Fault::at(
                "/thick_at/{$i}/{$name}",
                fn (): Length => Length::parse($mark->string($name), $person->units, $unit),
            );
            $marks[] = ['cm' => $length('at', 'cm')->cm(), 'mm' => $length('thick', 'mm')->mm()];
        }

        return $marks;
    }

    /** The same with its belly left on: as other ways are compared with. */
    public function bellyOn(): self
    {
        return $this->with(TakenOff::LeftOn, []);
    }

    /** With marks for pieces of one mass or of one width, when somebody asks for those. */
    private function marked(Fields $fields, float $grams, Fish $fish, Piece $piece, Person $person): self
    {
        $count = $fields->maybeInt('count');
        $width = $fields->maybeString('width');
        $medallion = $fields->maybeString('medallion');
        if ($count === null && $width === null && $medallion === null) {
            return $this;
        }
        $fillet = Ways::side(
            new FilletOnBoard(
                $this->shapeOf($fish),
                $grams,
                $this->lengthCm,
                $this->thicknessMm,
                $this->square->grams(),
                $this->tailMm,
            ),
            $this->belly,
            Belly::on($fish, $piece),
        );
        [$asked, $pieces] = match (true) {
            $count !== null => [
                '/count',
                Fault::within('', fn (): array => EvenCuts::ofCount($fillet, $count)->pieces),
            ],
            $width !== null => [
                '/width',
                Fault::at('/width', fn (): array => EvenCuts::ofWidth(
                    $fillet,
                    Length::parse($width, $person->units, 'mm')->mm(),
                )->pieces),
            ],
            default => ['/medallion', self::medallions($fillet, (string) $medallion, $fields, $person)],
        };
        count($pieces) < self::MOST_MARKS ||
            throw Fault::inField($asked, 'That makes more pieces than a fillet has.');
        if ($count !== null) {
            $this->mustSuitADish($pieces[0]->massGrams ?? 0.0);
        }

        return $this->with(
            $this->belly,
            array_map(
                fn (float $cm): float => round($cm, 3),
                [
                    $pieces[0]->fromCm ?? 0.0,
                    ...array_map(fn (PlannedPiece $one): float => $one->toCm, $pieces),
                ],
            ),
        );
    }

    /** @return list<PlannedPiece> steaks or medallions so thick, as long as their face is large enough */
    private static function medallions(FilletOnBoard $fillet, string $thick, Fields $fields, Person $person): array
    {
        $mm = Fault::at('/medallion', fn (): float => Length::parse($thick, $person->units, 'mm')->mm());
        try {
            return Medallions::of($fillet, $mm, $fields->number('least_face_cm2', 0))->pieces;
        } catch (BadCut $bad) {
            throw Fault::inField(
                $bad->pointer() === '/least_face_cm2' ? $bad->pointer() : '/medallion',
                $bad->getMessage(),
            );
        }
    }

    /** @throws Fault when so light a piece is too light for every dish that is asked for */
    private function mustSuitADish(float $grams): void
    {
        $least = [];
        foreach ($this->kinds as ['dish' => $id]) {
            $band = Dish::of($id)?->each();
            if ($band !== null) {
                $least[] = $band->target->minus($band->minus)->grams();
            }
        }
        $least === [] ||
            $grams >= min($least) ||
            throw Fault::inField(
                '/count',
                'Each would weigh '.Words::ofReader()->text(Mass::ofGrams(round($grams))).
                    ': too light for every dish asked for.',
            );
    }

    /** @param  list<float>  $marksCm */
    private function with(TakenOff $belly, array $marksCm): self
    {
        return new self(
            $this->lengthCm,
            $this->thicknessMm,
            $this->measured,
            $this->shape,
            $this->square,
            $this->tailMm,
            $this->school,
            $this->aimed,
            $this->guessFirst,
            $belly,
            $this->thickAt,
            $this->kinds,
            $marksCm,
        );
    }

    /** @throws Fault at the figure no fillet can have */
    private function mustMakeSense(float $grams): void
    {
        $shape = FilletShape::named($this->shape);
        Fault::at('/length', fn (): FilletOnBoard => new FilletOnBoard($shape, $grams, $this->lengthCm, 1));
        Fault::at(
            '/thickness',
            fn (): FilletOnBoard => new FilletOnBoard($shape, $grams, $this->lengthCm, $this->thicknessMm),
        );
        $fillet = Fault::at(
            '/square',
            fn (): FilletOnBoard => new FilletOnBoard(
                $shape,
                $grams,
                $this->lengthCm,
                $this->thicknessMm,
                $this->square->grams(),
                $this->tailMm,
            ),
        );
        foreach ($this->thickAt as $i => $mark) {
            $mark['cm'] <= $this->lengthCm ||
                throw Fault::inField("/thick_at/{$i}/at", 'A thickness is measured between the head end and the tail.');
            Fault::at("/thick_at/{$i}/thick", fn (): MeasuredThickness => new MeasuredThickness(0.0, $mark['mm']));
        }
        Fault::within('', fn (): OwnMarks => OwnMarks::of($fillet, $this->marksCm, [], 0.0));
    }

    private static function start(Fish $fish, Piece $fillet): self
    {
        $shape = BoardFillet::lastShape($fish->species_id, $fillet->part) ?? self::usualShape($fish, $fillet);
        $mass = Cut::laid($fish, $fillet);
        $guess = FilletGuess::of($shape, max(1.0, $mass->grams()));

        return new self(
            $guess->lengthCm,
            $guess->thicknessMm,
            false,
            $shape,
            FilletGuess::squaredOff($mass),
            FilletGuess::TAIL_MM,
            School::Exact,
            false,
            false,
            TakenOff::LeftOn,
            [],
            self::usualKinds($fish),
            [],
        );
    }

    /**
     * What the fish is portioned for already; else the heaviest dish of its kind.
     *
     * @return list<array{dish: string, max: int|null}>
     */
    private static function usualKinds(Fish $fish): array
    {
        $dish = $fish->dish_id ?? Dish::cutFor($fish->species_id)->firstWhere('species_id', $fish->species_id)?->id;

        return $dish === null ? [] : [['dish' => $dish, 'max' => null]];
    }

    public static function usualShape(Fish $fish, Piece $fillet): string
    {
        return match (true) {
            in_array($fillet->part, [Part::Loin, Part::BackLoin], true) => 'loin',
            $fillet->part === Part::BellyLoin => 'short-side',
            default => $fish->species->form->shape(),
        };
    }

    private static function massOrNothing(string $typed, Person $person): Mass
    {
        return preg_match('/^0+(\.0+)?( ?[a-z]+)?$/', trim(strtolower($typed))) === 1
            ? Mass::zero()
            : Mass::parse($typed, $person->units);
    }
}
