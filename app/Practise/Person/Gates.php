<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\SkillGate;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Person;
use App\Kitchen\Pin;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Kitchen\Tablet;
use Sectum\Fish\PinBoneRow;
use Sectum\Practise\Gate\Gate;

/** Asked at the bench: nothing is looked up in a house that asks for nothing. */
final readonly class Gates implements SkillGate
{
    public function checksBones(Person $person, ?string $with, ?string $pin): ?Person
    {
        if ($this->may(Gate::Bones, $person)) {
            return null;
        }
        $other = $with === null ? null : Person::query()->find($with);
        ($other !== null && $other->id !== $person->id && $other->disabled_at === null) ||
            throw Fault::inField('/with', 'A second person who is signed for bones has to check it with you.');
        $this->may(Gate::Bones, $other) ||
            throw Fault::inField('/with', "{$other->name} is not signed for bones. Ask somebody who is.");
        self::mustKnowThePin($other, $pin);

        return $other;
    }

    public static function mustKnowThePin(Person $person, ?string $pin): void
    {
        $pin !== null || throw Fault::inField('/pin', "{$person->name} enters their PIN here.");
        Pin::check($person, $pin, (string) request()->ip(), Tablet::of(request()));
    }

    public function weighsEveryPiece(Person $person): bool
    {
        return ! $this->may(Gate::Eye, $person) ||
            ($person->role === Role::Trainee && Learner::levelOf($person)->weighsEveryPiece());
    }

    public function mustBeAllowed(Fish $fish, Person $person): void
    {
        if ($fish->species->pin_row !== PinBoneRow::ManyBoned || $this->may(Gate::ManyBoned, $person)) {
            return;
        }
        $beside = WorkBeside::query()->where('fish_id', $fish->id)->where('person_id', $person->id)->pluck('beside_id');
        GateSign::standing()->where('gate', Gate::ManyBoned)->whereIn('person_id', $beside)->exists() ||
            throw Fault::notAllowed(
                "{$fish->species->name} has many rows of bones: cut it beside somebody signed for it. ".
                    'Name them on Practise.',
            );
    }

    public function presets(Person $person): array
    {
        return $person->role === Role::Trainee ? Learner::levelOf($person)->answers() : [];
    }

    /** Whether somebody may do it alone: the house does not ask, the head chef, or who is signed for it. */
    private function may(Gate $gate, Person $person): bool
    {
        return ! Settings::load()->practise->asks($gate) ||
            $person->role === Role::HeadChef ||
            Remembered::of(
                "gate:{$gate->value}:{$person->id}",
                ['gate_signs'],
                fn (): bool => GateSign::stands($gate, $person),
            );
    }
}
