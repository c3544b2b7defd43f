<?php

declare(strict_types=1);

namespace App\Hold\Freezing;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\History;
use App\Hold\Kept\KeepPortions;
use App\Hold\Places\Place;
use App\Hold\Things\CustodyOf;
use App\Hold\Things\HeldThing;
use App\Hold\Things\HeldThings;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Custody\CustodyCode;
use Sectum\Hold\Freezing\Wrap;
use Sectum\Hold\Kept\KeptState;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Receive\Freshness;

/** Fish goes into the freezer, with the rules its record is to meet; more is put beside it, and taken out. */
final readonly class StartRun
{
    /** How far back somebody may say it went in, days. */
    private const BACK = 60;

    public function __construct(
        private JudgeRun $judge,
        private KeepPortions $keep,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $loaded = $this->when($fields->maybeString('loaded_at'), '/loaded_at');
        DB::connection()->transaction(function () use ($id, $fields, $loaded, $person): void {
            if (! Once::isNew($id, 'freezing run', $fields)) {
                return;
            }
            $place =
                Place::query()->whereNull('retired_at')->find($fields->string('place')) ??
                throw Fault::inField('/place', 'This place is not on the list any more. Choose another.');
            $place->kind->freezes() || throw Fault::inField('/place', "{$place->name} does not freeze.");
            $raw = $fields->string('purpose') === 'raw';
            $rules = $raw ? $fields->strings('rules') : [];
            ! $raw || $rules !== [] || throw Fault::inField('/rules', 'Choose the rule its record is to meet.');
            $probe = $fields->bool('core_probe');
            ! $probe ||
                FreezingRun::query()
                    ->where('place_id', $place->id)
                    ->where('core_probe', true)
                    ->whereNull('ended_at')
                    ->doesntExist() ||
                throw Fault::inField('/core_probe', "The core probe of {$place->name} is in another run.");
            $run = FreezingRun::query()->create([
                'id' => $id,
                'number' => FreezingRun::nextNumber(),
                'purpose' => $raw ? 'raw' : 'keep',
                'place_id' => $place->id,
                'rules' => implode(' ', $rules),
                'core_probe' => $probe,
                'accuracy_tenths' => (int) round(10 * $fields->number('accuracy_c', 0.5)),
                'max_gap_minutes' => $fields->int('max_gap_minutes', 60),
                'thick_mm' => $fields->maybeNumber('thick_mm'),
                'wrap' => Wrap::from($fields->maybeString('wrap') ?? 'none'),
                'started_by' => $person->id,
                'loaded_at' => Moment::written($loaded),
            ]);
            $fields->list('items') !== [] || throw Fault::inField('/items', 'Choose what goes in.');
            foreach ($fields->list('items') as $i => $item) {
                $this->put($run, (string) Str::ulid(), $item, $loaded, $person, "/items/{$i}");
            }
            ($this->judge)($run);
        });
    }

    /** Something is put beside what freezes already. */
    public function add(string $id, string $item, Fields $fields, Person $person): void
    {
        $at = $this->when($fields->maybeString('at'), '/at');
        DB::connection()->transaction(function () use ($id, $item, $fields, $at, $person): void {
            $run = FreezingRun::query()->with('items')->findOrFail($id);
            if (! Once::isNew($item, "into run {$id}", $fields)) {
                return;
            }
            $run->ended_at === null || throw Fault::conflict("Record {$run->number} has ended. Begin another run.");
            $at >= Moment::at($run->loaded_at) ||
                throw Fault::inField('/at', 'It went in no earlier than the first of this run.');
            $this->put($run, $item, $fields, $at, $person, '');
            ($this->judge)($run);
        });
    }

    /** It is taken out: to thaw, or because something went wrong. */
    public function takeOut(string $id, string $item, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $item, $fields, $person): void {
            $run = FreezingRun::query()->with('items')->findOrFail($id);
            $one = $run->items->firstWhere('id', $item) ?? throw Fault::notThere('That is not in this run.');
            if ($one->out_at !== null) {
                return;
            }
            $one->update([
                'out_at' => Moment::written($this->clock->now()),
                'out_why' => trim($fields->string('why')),
                'out_by' => $person->id,
            ]);
            ($this->judge)($run);
        });
    }

    /** A person's word that all of it is frozen solid, where no probe tells. */
    public function solid(string $id, Fields $fields, Person $person): void
    {
        $at = $this->when($fields->maybeString('at'), '/at');
        DB::connection()->transaction(function () use ($id, $fields, $at, $person): void {
            $run = FreezingRun::query()->findOrFail($id);
            Fault::unlessLatest("record {$run->number}", $fields->int('version'), $run->version);
            $at > Moment::at($run->loaded_at) ||
                throw Fault::inField('/at', 'It was solid later than it went in.');
            $run->update([
                'solid_at' => Moment::written($at),
                'solid_by' => $person->id,
                'version' => $run->version + 1,
            ]);
            ($this->judge)($run);
        });
    }

    /** The record ends: what is in it stays frozen, or is used. */
    public function end(string $id, int $version, Person $person, LearnFactor $learn): void
    {
        DB::connection()->transaction(function () use ($id, $version, $person, $learn): void {
            $run = FreezingRun::query()->with('place')->findOrFail($id);
            if ($run->ended_at !== null) {
                return;
            }
            Fault::unlessLatest("record {$run->number}", $version, $run->version);
            $run->update([
                'ended_at' => Moment::written($this->clock->now()),
                'ended_by' => $person->id,
                'version' => $run->version + 1,
            ]);
            ($this->judge)($run);
            $learn($run->place);
        });
    }

    private function put(
        FreezingRun $run,
        string $id,
        Fields $what,
        DateTimeImmutable $at,
        Person $person,
        string $pointer,
    ): void {
        $thing = HeldThing::chosen($what, $pointer);
        $there = RunItem::query()
            ->where(array_filter($thing->columns(), is_string(...)))
            ->whereNull('out_at')
            ->whereHas('run', fn ($open) => $open->whereNull('ended_at'))
            ->with('run')
            ->first();
        $there === null ||
            throw Fault::inField("{$pointer}", "It is freezing already, by record {$there->run->number}.");
        $custody = new CustodyOf([$thing]);
        $why = $custody->barsFreezing($thing, $at);
        $why === null || throw Fault::conflict(
            $why === CustodyCode::ThawedBefore
                ? 'It was thawed before and is not frozen again: use it, or discard it.'
                : 'Its date is past: discard it.',
        );
        $item = RunItem::query()->create([
            'id' => $id,
            'run_id' => $run->id,
            ...$thing->columns(),
            'added_at' => Moment::written($at),
            'added_by' => $person->id,
        ]);
        $fish = (new HeldThings([$thing]))->all();
        if ($thing->tray !== null) {
            $this->keep->becomes(
                $thing->tray->id,
                LeavesAs::Frozen,
                KeptState::Frozen,
                $item->bestBefore($fish),
                'Best before, frozen, by how fat it is: quality, not law. '.Freshness::CHECK,
                $person,
            );
        }
        foreach ($fish as $one) {
            History::that(
                "{$person->name} put {$thing->short()} into freezing run {$run->number}.",
                $one,
                $person,
            );
        }
    }

    private function when(?string $typed, string $pointer): DateTimeImmutable
    {
        $now = DateTimeImmutable::createFromInterface($this->clock->now());
        if ($typed === null || trim($typed) === '') {
            return $now;
        }
        $at = Moment::at($typed);
        $at <= $now || throw Fault::inField($pointer, 'That is still to come.');
        $at >= $now->modify('-'.self::BACK.' days') ||
            throw Fault::inField($pointer, 'That is more than '.self::BACK.' days ago.');

        return $at;
    }
}
