<?php

declare(strict_types=1);

namespace App\Practise\Person;

use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Kitchen\Settings;
use App\Practise\Drill\Drill;
use App\Practise\Drill\SubjectName;
use App\Practise\Skill\DrillLedger;
use App\Practise\Skill\EyeLedger;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Practise\Gate\Eye;
use Sectum\Practise\Gate\Gate;
use Sectum\Practise\Level;
use Sectum\Practise\Next\Item;
use Sectum\Practise\Next\Standing;
use Sectum\Practise\Skill;

/** Where people stand: each skill with how wide the doubt is, gates with what there is to sign on. */
final readonly class LearnerView
{
    private const LAST_DRILLS = 12;

    /** @return Answer one's own page: today's minutes, and where one stands; for the head chef everybody */
    public static function home(Person $reader): array
    {
        $ledger = DrillLedger::of($reader);
        $learner = Learner::of($reader);
        $minutes = Settings::load()->practise->minutes;

        return [
            'minutes' => $minutes,
            'today' => array_map(
                fn (Item $item): array => [
                    'skill' => $item->skill->value,
                    'subject' => $item->subject,
                    'name' => SubjectName::of($item->skill, $item->subject),
                    'minutes' => $item->skill->minutes(),
                    'new' => $item->done === [],
                ],
                $ledger->today($learner->level, $minutes),
            ),
            'me' => self::detail($reader, $ledger, $learner),
            'people' => $reader->role === Role::HeadChef ? self::everybody() : null,
        ];
    }

    /** @return Answer */
    public static function of(Person $person): array
    {
        return self::detail($person, DrillLedger::of($person), Learner::of($person));
    }

    /** @return list<Answer> people against skills */
    private static function everybody(): array
    {
        $people = array_values(
            Person::query()->whereNull('disabled_at')->orderBy('created_at')->orderBy('id')->get()->all(),
        );
        $ids = array_map(fn (Person $one): string => $one->id, $people);
        $ledgers = DrillLedger::all($ids);
        $learners = Learner::query()->whereIn('person_id', $ids)->get()->keyBy('person_id');
        $signs = GateSign::standing()->whereIn('person_id', $ids)->get();

        return array_map(
            fn (Person $one): array => [
                'id' => $one->id,
                'name' => $one->name,
                'role' => $one->role->value,
                'level' => ($learners[$one->id]->level ?? Learner::firstOf($one))->value,
                'skills' => self::skills(
                    $ledgers[$one->id],
                    self::gates($signs, $one),
                    $learners[$one->id]->level ?? Learner::firstOf($one),
                ),
                'gates' => array_column(self::gates($signs, $one), 'value'),
            ],
            $people,
        );
    }

    /** @return Answer */
    private static function detail(Person $person, DrillLedger $ledger, Learner $learner): array
    {
        $eye = EyeLedger::of($person);
        $signs = GateSign::standing()->with('signer')->where('person_id', $person->id)->get();

        return [
            'id' => $person->id,
            'name' => $person->name,
            'role' => $person->role->value,
            'level' => $learner->level->value,
            'open' => array_map(fn (Skill $skill): string => $skill->value, $learner->level->open()),
            'to_pass' => array_map(fn (Skill $skill): string => $skill->value, $learner->level->skills()),
            'bench' => $learner->bench,
            'version' => $learner->version,
            'beside' => WorkBeside::rows()->where('person_id', $person->id)->distinct()->count('fish_id'),
            'skills' => self::skills($ledger, self::gates($signs, $person), $learner->level),
            'gates' => array_map(
                fn (Gate $gate): array => self::gate($gate, GateEvidence::of($gate, $person, $ledger, $eye), $signs),
                Gate::cases(),
            ),
            'eyes' => self::eyes($eye),
            'drills' => self::last($person),
        ];
    }

    /**
     * @param  Collection<int, GateSign>  $signs
     * @return list<Gate> somebody is signed for
     */
    private static function gates(Collection $signs, Person $person): array
    {
        return array_values(array_map(
            fn (GateSign $sign): Gate => $sign->gate,
            $signs->where('person_id', $person->id)->all(),
        ));
    }

    /**
     * @param  list<Gate>  $signed
     * @return list<Answer>
     */
    private static function skills(DrillLedger $ledger, array $signed, Level $level): array
    {
        $passed = array_map(fn (Gate $gate): ?Skill => $gate->skill(), $signed);

        return array_map(
            function (Skill $skill) use ($ledger, $passed, $level): array {
                $standing = Standing::of(
                    $ledger->scores($skill),
                    in_array($skill, $passed, true),
                    $level->value > Level::of($skill)->value,
                );

                return [
                    'skill' => $skill->value,
                    'progress' => $standing->progress->value,
                    'drills' => $standing->drills,
                    'mean_pct' => self::round($standing->meanPct),
                    'low_pct' => self::round($standing->lowPct),
                    'high_pct' => self::round($standing->highPct),
                ];
            },
            Skill::cases(),
        );
    }

    /**
     * @param  Collection<int, GateSign>  $signs
     * @return Answer
     */
    private static function gate(Gate $gate, GateEvidence $evidence, Collection $signs): array
    {
        $sign = $signs->firstWhere('gate', $gate);

        return [
            'gate' => $gate->value,
            'asked' => Settings::load()->practise->asks($gate),
            'passes' => $evidence->passes,
            'says' => $evidence->says,
            'signed' => $sign === null
                ? null
                : ['by' => $sign->signer->name, 'at' => Moment::at($sign->signed_at)->format('D j M Y')],
        ];
    }

    /** @return list<Answer> */
    private static function eyes(EyeLedger $ledger): array
    {
        $eyes = $ledger->eyes();

        return array_map(
            function (string $key, Eye $eye): array {
                [$kind, $size] = explode(':', $key, 2) + ['', ''];

                return [
                    'kind' => $kind,
                    'size' => $size,
                    'name' => Words::named("practise.subject.weight.{$kind}").', '.
                        Words::named("practise.size.{$size}"),
                    'guesses' => $eye->guesses,
                    'bias_pct' => self::round($eye->biasPct),
                    'low_pct' => self::round($eye->lowPct),
                    'high_pct' => self::round($eye->highPct),
                    'within_pct' => EyeLedger::within(),
                    'passes' => $eye->passes,
                    'more_at_least' => $eye->moreAtLeast,
                ];
            },
            array_keys($eyes),
            $eyes,
        );
    }

    /** @return list<Answer> the last drills, the latest first */
    private static function last(Person $person): array
    {
        $drills = Drill::query()
            ->where('person_id', $person->id)
            ->whereNotNull('answered_at')
            ->orderByDesc('answered_at')
            ->orderByDesc('id')
            ->limit(self::LAST_DRILLS)
            ->get(['id', 'skill', 'subject', 'seed', 'day', 'score_pct', 'counts', 'answered_at']);

        return array_values($drills->map(
            fn (Drill $one): array => [
                'skill' => $one->skill->value,
                'name' => SubjectName::of($one->skill, $one->subject),
                'seed' => $one->seed,
                'day' => $one->day === null ? '' : Moment::at($one->day)->format('D j M'),
                'score_pct' => self::round($one->score_pct),
                'counts' => $one->counts,
            ],
        )->all());
    }

    private static function round(?float $value): ?float
    {
        return $value === null ? null : round($value, 1);
    }
}
