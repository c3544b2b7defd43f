<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Practise\Skill\DrillLedger;
use App\Practise\Skill\EyeLedger;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Practise\Gate\Gate;
use Sectum\Practise\Level;
use Sectum\Practise\Next\Standing;
use Sectum\Practise\Skill;

/** What the head chef decides about who learns, what opens by itself, and who stood beside whom. */
final readonly class StoreLearner
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** Another level, or the bench opened or closed. */
    public function set(string $id, Fields $fields, Person $by): void
    {
        $by->mustBeHeadChef('The head chef sets the level.');
        DB::connection()->transaction(function () use ($id, $fields, $by): void {
            $person = self::person($id);
            $learner = Learner::of($person);
            $learner->fill(['level' => Level::from($fields->int('level')), 'bench' => $fields->bool('bench')]);
            if (! $learner->isDirty(['level', 'bench']) && $learner->exists) {
                return;
            }
            Fault::unlessLatest("{$person->name}’s level", $fields->int('version'), $learner->version);
            $learner->fill(['version' => $learner->version + 1])->save();
            activity('house')
                ->causedBy($by)
                ->log("{$by->name} set {$person->name} to level {$learner->level->value}.");
        });
    }

    /** The next level opens when every skill of this one is steady. */
    public function opens(Person $person): void
    {
        $learner = Learner::of($person);
        $ledger = DrillLedger::of($person);
        $steady = array_filter(
            $learner->level->skills(),
            fn (Skill $skill): bool => Standing::of($ledger->scores($skill), false)->isSteady(),
        );
        $next = $learner->level->next();
        if ($next !== null && count($steady) === count($learner->level->skills())) {
            $learner->fill(['level' => $next, 'version' => $learner->version + 1])->save();
        }
    }

    /** Signs for a gate; without the figures for it a reason is asked for. */
    public function sign(string $id, Gate $gate, string $act, Fields $fields, Person $by): void
    {
        $by->mustBeHeadChef('The head chef signs.');
        DB::connection()->transaction(function () use ($id, $gate, $act, $fields, $by): void {
            $person = self::person($id);
            if (! Once::isNew($act, "gate {$gate->value} of {$id}", $fields) || GateSign::stands($gate, $person)) {
                return;
            }
            $evidence = GateEvidence::of($gate, $person, DrillLedger::of($person), EyeLedger::of($person));
            $why = trim($fields->maybeString('why') ?? '');
            $evidence->passes ||
                mb_strlen($why) > 2 ||
                throw Fault::inField('/why', 'The figures do not carry it yet. Give the reason.');
            GateSign::query()->create([
                'id' => $act,
                'person_id' => $person->id,
                'gate' => $gate,
                'evidence' => $why === '' ? [$evidence->says] : [$evidence->says, $why],
                'signed_by' => $by->id,
                'signed_at' => Moment::written($this->clock->now()),
            ]);
            activity('house')
                ->causedBy($by)
                ->log("{$by->name} signed {$person->name}: {$this->called($gate)}.");
        });
    }

    public function takeBack(string $id, Gate $gate, Fields $fields, Person $by): void
    {
        $by->mustBeHeadChef('The head chef takes a signature back.');
        DB::connection()->transaction(function () use ($id, $gate, $fields, $by): void {
            $person = self::person($id);
            $sign = GateSign::standing()->where('person_id', $person->id)->where('gate', $gate)->first();
            $sign?->update([
                'taken_back_at' => Moment::written($this->clock->now()),
                'taken_back_by' => $by->id,
                'why' => trim($fields->string('why')),
            ]);
            if ($sign !== null) {
                activity('house')
                    ->causedBy($by)
                    ->log("{$by->name} took {$person->name}’s signature back: {$this->called($gate)}. {$sign->why}.");
            }
        });
    }

    /** Somebody works on a fish beside another, who enters his PIN for it. */
    public function beside(string $act, Fields $fields, Person $person): void
    {
        $other = self::person($fields->string('beside'));
        ($other->id !== $person->id && $other->role !== Role::Trainee && $other->disabled_at === null) ||
            throw Fault::inField('/beside', 'Choose a cutter or the head chef who stands beside you.');
        Gates::mustKnowThePin($other, $fields->string('pin'));
        DB::connection()->transaction(function () use ($act, $fields, $person, $other): void {
            $fish = Fish::onTheBench($fields->string('fish'));
            $fish->mustBeOpen();
            $told = "{$fish->id} beside {$other->id}";
            if (! Once::isNew($act, $told, $told)) {
                return;
            }
            WorkBeside::query()->create([
                'id' => $act,
                'fish_id' => $fish->id,
                'person_id' => $person->id,
                'beside_id' => $other->id,
                'said_at' => Moment::written($this->clock->now()),
            ]);
            History::that("{$person->name} works on it beside {$other->name}.", $fish, $person);
        });
    }

    private function called(Gate $gate): string
    {
        return lcfirst(Words::named("practise.gate.{$gate->value}"));
    }

    private static function person(string $id): Person
    {
        return Person::query()->find($id) ?? throw Fault::notThere('Nobody of that name works here.');
    }
}
