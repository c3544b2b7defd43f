<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\RecordReading;
use App\Kitchen\Person;
use App\Portion\Dish\Dish;
use App\Portion\MustBeBoned;
use App\Portion\PortionBench;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\Shape\AtMark;

/** A piece on the pan while portions are cut: its weight, which dish it is for, and where on the fillet it lay. */
final readonly class TakeCut
{
    public function __construct(private RecordReading $take)
    {
    }

    /** @param  string  $id  the reading's ULID, made by the page */
    public function __invoke(string $fish, string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $id, $fields, $person): void {
            $onBoard = Fish::onTheBench($fish);
            $among = fn (): array => PortionBench::PARTS;
            if ($onBoard->readingOf($id) !== null) {
                ($this->take)($fish, $id, $fields, $person, $among);

                return;
            }
            $part = $fields->string('part');
            MustBeBoned::before($onBoard, $part, $fields->maybeString('from'));
            $dish = $fields->maybeString('dish') === null ? null : Dish::chosen($fields->string('dish'));
            $guess =
                $fields->maybeString('guess') === null
                    ? null
                    : Fault::at('/guess', fn (): Mass => Mass::parse($fields->string('guess'), $person->units));
            $place = $this->place($onBoard, $fields, $person);
            $piece = ($this->take)($fish, $id, $fields, $person, $among, $dish?->id)->piece;
            if ($place !== null) {
                [$plan, $to] = $place;
                $this->store($id, $plan, $to, $piece, $guess, $person);
            } else {
                $this->again($fields->maybeString('replaces'), $id);
            }
            $onBoard->staysOnTheBench();
        });
    }

    /** @return array{FilletPlan, float}|null the plan it was cut by and its mark; null when it was cut by none */
    private function place(Fish $fish, Fields $fields, Person $person): ?array
    {
        $to = $fields->maybeNumber('to_cm');
        if ($to === null) {
            return null;
        }
        $part = Part::from($fields->string('part'));
        if (! in_array($part, [Part::Portion, Part::Ends], true)) {
            throw Fault::inField('/to_cm', 'Only a portion or a squared-off end lies at a mark of the plan.');
        }
        $from = $fields->maybeString('from');
        $fillet = $from === null ? CutFrom::usually($fish, $part) : $fish->pieces->firstWhere('id', $from);
        if ($fillet === null || BoardFillet::under($fillet) === null) {
            throw Fault::inField(
                '/to_cm',
                'No plan lies on the board for this piece. Plan it first, or weigh it without a mark.',
            );
        }
        $plan = FilletPlan::of($fish, $fillet, Laying::of($fish, $fillet), $person);
        if ($to <= $plan->knifeCm || $to > $plan->laying->lengthCm) {
            throw Fault::inField(
                '/to_cm',
                'This mark is behind the knife or beyond the tail. Look at the plan again.',
            );
        }

        return [$plan, $to];
    }

    /** Where it lay; a piece far off what lay at its mark was cut somewhere else, and counts for no scatter. */
    private function store(
        string $reading,
        FilletPlan $plan,
        float $to,
        Piece $piece,
        ?Mass $guess,
        Person $person,
    ): void {
        $grams = $piece->reading()?->mass()->grams() ?? 0.0;
        $mark = AtMark::of($plan->fillet, $plan->knifeCm, $to, $grams);
        $before = $plan->fillet->gramsUpTo($plan->knifeCm);
        $mm = $plan->fillet->thickness($before, $plan->fillet->gramsUpTo($mark->toCm));
        CutMade::rows()->insert([
            'reading_id' => $reading,
            'fillet_id' => $plan->piece->id,
            'cut_by' => $person->id,
            'from_cm' => $plan->knifeCm,
            'to_cm' => $mark->toCm,
            'thin_mm' => $mm->thin,
            'thick_mm' => $mm->thick,
            'aim_mg' => $piece->part === Part::Portion && $mark->hit
                    ? Mass::ofGrams($plan->fillet->gramsUpTo($to) - $before)->milligrams
                    : null,
            'guess_mg' => $guess?->milligrams,
            'at_mark' => $mark->hit,
        ]);
    }

    /** A piece weighed again lies where it lay. */
    private function again(?string $replaces, string $id): void
    {
        $before = $replaces === null ? null : CutMade::rows()->where('reading_id', $replaces)->first();
        if ($before !== null) {
            CutMade::rows()->insert([...(array) $before, 'reading_id' => $id]);
        }
    }
}
