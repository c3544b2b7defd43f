<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Practise\Skill\DrillLedger;
use App\Practise\Skill\EyeLedger;
use Sectum\Practise\Gate\BonesFound;
use Sectum\Practise\Gate\Gate;

/** What there is to sign on: figures of the ledger, as a sentence. */
final readonly class GateEvidence
{
    /** Fish of many bones worked on beside somebody, before it is signed. Estimate. */
    private const BESIDE = 3;

    private function __construct(public Gate $gate, public bool $passes, public string $says)
    {
    }

    public static function of(Gate $gate, Person $person, DrillLedger $drills, EyeLedger $eye): self
    {
        return match ($gate) {
            Gate::Bones => self::bones($drills),
            Gate::Eye => self::eye($eye),
            Gate::ManyBoned => self::manyBoned($person),
        };
    }

    private static function bones(DrillLedger $drills): self
    {
        $asked = Settings::load()->practise->bonesAtLeastPct;
        $found = BonesFound::of($drills->sides(), $asked);

        return new self(Gate::Bones, $found->passes, self::say('bones', [
            'found' => (string) $found->found,
            'bones' => (string) $found->bones,
            'asked' => self::pct($asked),
            'every' => (string) BonesFound::LOOKS_EVERY,
            'look' => self::say($found->chance === null ? 'not-looked' : ($found->passes ? 'holds' : 'not-yet'), [
                'seen' => (string) $found->lookedAt,
            ]),
        ]));
    }

    private static function eye(EyeLedger $ledger): self
    {
        $eye = $ledger->atTheGate();

        return new self(Gate::Eye, $eye->passes, self::say($eye->lowPct === null ? 'eye-none' : 'eye', [
            'guesses' => (string) $eye->guesses,
            'low' => self::pct($eye->lowPct ?? 0.0),
            'high' => self::pct($eye->highPct ?? 0.0),
            'within' => self::pct(EyeLedger::within()),
            'bench' => (string) $ledger->atTheBench,
        ]));
    }

    private static function manyBoned(Person $person): self
    {
        $beside = WorkBeside::rows()
            ->join('fish', 'fish.id', '=', 'works_beside.fish_id')
            ->join('species', 'species.id', '=', 'fish.species_id')
            ->where('works_beside.person_id', $person->id)
            ->where('species.pin_row', 'many')
            ->distinct()
            ->count('works_beside.fish_id');

        return new self(Gate::ManyBoned, $beside >= self::BESIDE, self::say('many-boned', [
            'beside' => (string) $beside,
            'asked' => (string) self::BESIDE,
        ]));
    }

    /** @param  array<string, string>  $values */
    private static function say(string $key, array $values): string
    {
        $said = trans("practise.evidence.{$key}", $values);

        return is_string($said) ? $said : Words::named("practise.evidence.{$key}");
    }

    private static function pct(float $pct): string
    {
        return rtrim(rtrim(number_format($pct, 1, '.', ''), '0'), '.');
    }
}
