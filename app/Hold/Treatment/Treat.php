<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\History;
use App\Fish\Weighing;
use App\Hold\Kept\KeepPortions;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Kept\KeptState;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Hold\Treatment\Strength;
use Sectum\Hold\Treatment\TreatmentPlan;
use Sectum\Hold\Treatment\WeightChange;
use Sectum\Portion\Label\UseBy;
use Sectum\Receive\Freshness;

/** A treatment is done: made up on the scale, its clock started, turned and rinsed, ended, weighed again. */
final readonly class Treat
{
    public function __construct(private KeepPortions $keep, private ClockInterface $clock)
    {
    }

    /** The fish lies on the scale: how thick it is and which faces are open decide what it takes. */
    public function begin(string $id, Fields $fields, Person $person): void
    {
        $settings = Settings::load();
        $mass = Weighing::read($fields->fields('weight'), $settings, $person->units)->mass;
        $measured = $fields->has('degrees')
            ? Fault::at('/degrees', fn (): Strength => Strength::ofDegrees($fields->number('degrees')))
            : null;
        DB::connection()->transaction(function () use ($id, $fields, $mass, $measured, $person): void {
            if (! Once::isNew($id, 'treating', $fields)) {
                return;
            }
            $house =
                HouseTreatment::query()->whereNull('retired_at')->find($fields->string('treatment')) ??
                throw Fault::inField('/treatment', 'This treatment is not on the list any more. Choose another.');
            $again = $this->brine($fields->maybeString('brine_of'), $house);
            $treating = new Treating([
                'id' => $id,
                'number' => Treating::nextNumber(),
                'treatment_id' => $house->id,
                'made_as' => $house->attributesToArray(),
                'before_mg' => $mass->milligrams,
                'thick_mm' => $fields->maybeNumber('thick_mm'),
                'faces' => $fields->int('faces', 2),
                'measured_pct' => $measured?->pct,
                'brine_of' => $again?->id,
                'begun_by' => $person->id,
                'begun_at' => Moment::written($this->now()),
            ]);
            Fault::within('', fn (): TreatmentPlan => $treating->plan());
            $treating->save();
            $fields->list('things') !== [] || throw Fault::inField('/things', 'Choose what is treated.');
            foreach ($fields->list('things') as $i => $what) {
                $thing = HeldThing::chosen($what, "/things/{$i}");
                TreatedThing::query()->create(['treating_id' => $treating->id, ...$thing->columns()]);
            }
            foreach (self::things($treating)->all() as $fish) {
                History::that("{$person->name} began treatment {$treating->number}: {$house->name}.", $fish, $person);
            }
        });
    }

    /** An ingredient is weighed in, or it was turned, rinsed or dried. */
    public function mark(string $id, string $mark, Fields $fields, Person $person): void
    {
        $what = $fields->string('what');
        $mass = $fields->has('weight')
            ? Weighing::read($fields->fields('weight'), Settings::load(), $person->units)->mass
            : null;
        DB::connection()->transaction(function () use ($id, $mark, $fields, $what, $mass, $person): void {
            $treating = Treating::query()->findOrFail($id);
            if (! Once::isNew($mark, "treating {$id}", $fields)) {
                return;
            }
            $treating->ended_at === null ||
                in_array($what, ['rinse', 'dry'], true) ||
                throw Fault::conflict("Treatment {$treating->number} has ended.");
            TreatingMark::query()->create([
                'id' => $mark,
                'treating_id' => $treating->id,
                'what' => $what,
                'mass_mg' => $mass?->milligrams,
                'done_by' => $person->id,
                'done_at' => Moment::written($this->now()),
            ]);
        });
    }

    /** The fish goes in: the clock runs from now on, or from when it is said to have gone in. */
    public function start(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields): void {
            $treating = Treating::query()->findOrFail($id);
            if ($treating->started_at !== null) {
                return;
            }
            Fault::unlessLatest("treatment {$treating->number}", $fields->int('version'), $treating->version);
            $at = $this->when($fields->maybeString('at'));
            $treating->update(['started_at' => Moment::written($at), 'version' => $treating->version + 1]);
        });
    }

    /** It comes out. */
    public function end(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            $treating = Treating::query()->findOrFail($id);
            if ($treating->ended_at !== null) {
                return;
            }
            Fault::unlessLatest("treatment {$treating->number}", $fields->int('version'), $treating->version);
            $at = $this->when($fields->maybeString('at'));
            ($treating->started_at !== null && $at >= Moment::at($treating->started_at)) ||
                throw Fault::inField('/at', 'It ends no earlier than it began.');
            $treating->update([
                'ended_at' => Moment::written($at),
                'ended_by' => $person->id,
                'ended_why' => trim($fields->maybeString('why') ?? ''),
                'version' => $treating->version + 1,
            ]);
        });
    }

    /** Weighed again, rinsed and dried: the change goes into yield and cost; its date counts anew. */
    public function weigh(string $id, Fields $fields, Person $person): void
    {
        $mass = Weighing::read($fields->fields('weight'), Settings::load(), $person->units)->mass;
        DB::connection()->transaction(function () use ($id, $fields, $mass, $person): void {
            $treating = Treating::query()->with('things.tray.pieces', 'things.piece')->findOrFail($id);
            if ($treating->after_mg === $mass->milligrams) {
                return;
            }
            Fault::unlessLatest("treatment {$treating->number}", $fields->int('version'), $treating->version);
            $treating->ended_at !== null || throw Fault::inField('/weight', 'End the treatment first, then weigh.');
            $made = $treating->asMade();
            Fault::within(
                '/weight',
                fn (): WeightChange => WeightChange::of(
                    $treating->before(),
                    $mass,
                    $made->change_pct,
                    $made->change_sd,
                ),
            );
            $first = $treating->after_mg === null;
            $treating->update([
                'after_mg' => $mass->milligrams,
                'weighed_at' => Moment::written($this->now()),
                'version' => $treating->version + 1,
            ]);
            $pct = 100 * ($mass->grams() / $treating->before()->grams() - 1);
            foreach (self::things($treating)->all() as $fish) {
                History::that(
                    "{$made->name} (treatment {$treating->number}): ".($pct < 0 ? '−' : '+').
                        number_format(abs($pct), 1, '.', '').' %.',
                    $fish,
                    $person,
                );
            }
            if ($first && $made->service !== null) {
                $this->date($treating, $made, $person);
            }
        });
    }

    /** Cured or marinated portions keep as their class does, from now on; never beyond their lot. */
    private function date(Treating $treating, HouseTreatment $made, Person $person): void
    {
        $service = $made->service;
        $things = self::things($treating);
        foreach ($treating->things as $thing) {
            if ($thing->tray === null || $service === null) {
                continue;
            }
            $use = UseBy::of(
                Moment::day($this->now()),
                $service,
                $things->ends($thing->thing()),
                Settings::load()->portionDays,
            );
            $this->keep->becomes(
                $thing->tray->id,
                LeavesAs::Treated,
                KeptState::Chilled,
                $use->day,
                "{$made->name}: {$service->spoken()} keeps so long from the end of it. ".Freshness::CHECK,
                $person,
            );
        }
    }

    /** The brine of another treatment used again, as often as the house allows. */
    private function brine(?string $id, HouseTreatment $house): ?Treating
    {
        if ($id === null) {
            return null;
        }
        $of = Treating::query()->find($id);
        ($of !== null && $of->treatment_id === $house->id && $house->kind->isBrine()) ||
            throw Fault::inField('/brine_of', 'That brine is of another treatment.');
        $used = 1 + Treating::query()->where('brine_of', $of->id)->count();
        $used < $house->uses ||
            throw Fault::inField(
                '/brine_of',
                $house->uses === 1
                    ? 'The house uses a brine once. Make a new one.'
                    : "The house uses a brine {$house->uses} times. Make a new one.",
            );

        return $of;
    }

    private static function things(Treating $treating): HeldThings
    {
        return new HeldThings($treating->things->map(fn (TreatedThing $one): HeldThing => $one->thing()));
    }

    private function when(?string $typed): DateTimeImmutable
    {
        $now = $this->now();
        if ($typed === null || trim($typed) === '') {
            return $now;
        }
        $at = Moment::at($typed);
        $at <= $now || throw Fault::inField('/at', 'That is still to come.');

        return $at;
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now();
    }
}
