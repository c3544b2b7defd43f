<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Kitchen\Format\Paper;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Practise\Skill\DrillLedger;
use Sectum\Practise\Level;
use Sectum\Practise\Next\Standing;
use Sectum\Practise\Skill;
use Sectum\Receive\Freshness;

/** What somebody passed, by whose signature, on what evidence: one page. */
final readonly class Certificate
{
    private const TEXT = 10.5;

    private const SMALL = 9.0;

    public static function of(Person $person): string
    {
        $ledger = DrillLedger::of($person);
        $signs = array_values(
            GateSign::standing()->with('signer')->where('person_id', $person->id)->orderBy('signed_at')->get()->all(),
        );
        $paper = Paper::titled("Practised by {$person->name}");
        $paper->page(
            $person->name,
            'Level '.Learner::levelOf($person)->value.'. What was practised, what was signed, and on what evidence.',
            60 + self::SMALL * 2.4 * (count(Skill::cases()) + 3 * count($signs)),
        );
        $paper->line('Signed', self::TEXT, 'B');
        if ($signs === []) {
            $paper->line('Nothing is signed yet.', self::SMALL);
        }
        foreach ($signs as $sign) {
            $paper->line(
                Words::named("practise.gate.{$sign->gate->value}").": {$sign->signer->name}, ".
                    Moment::at($sign->signed_at)->format('D j M Y'),
                self::SMALL,
                'B',
            );
            foreach ($sign->evidence as $said) {
                $paper->line($said, self::SMALL);
            }
        }
        $paper->space(2);
        $paper->line('Practised', self::TEXT, 'B');
        $level = Learner::levelOf($person);
        $passed = array_map(fn (GateSign $sign): ?Skill => $sign->gate->skill(), $signs);
        foreach (Skill::cases() as $skill) {
            $standing = Standing::of(
                $ledger->scores($skill),
                in_array($skill, $passed, true),
                $level->value > Level::of($skill)->value,
            );
            $paper->row(
                [
                    Words::named("practise.skill.{$skill->value}"),
                    Words::named("practise.progress.{$standing->progress->value}"),
                    match ($standing->drills) {
                        0 => '',
                        1 => '1 drill',
                        default => "{$standing->drills} drills",
                    },
                    $standing->meanPct === null ? '' : round($standing->meanPct).' % on average',
                ],
                [60, 40, 30, 50],
                self::SMALL,
            );
        }
        $paper->space(2);
        $paper->line('Practice on the screen takes no part in what your local code asks. '.Freshness::CHECK, 8);

        return $paper->print();
    }
}
