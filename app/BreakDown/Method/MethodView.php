<?php

declare(strict_types=1);

namespace App\BreakDown\Method;

use App\BreakDown\Yields\KeepYields;
use App\BreakDown\Yields\KeptYield;
use App\Catalogue\Methods;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepPart;
use Sectum\BreakDown\Ours;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;

/** The method a fish is cut by: where the cutter stands, what comes next, and what each choice costs on this fish. */
final readonly class MethodView
{
    /** @return Answer */
    public static function of(Fish $fish, Words $words): array
    {
        $method = $fish->method === null ? null : Methods::of($fish->method);
        $methods = Methods::forForm($fish->species->form);
        if ($method === null) {
            return ['methods' => $methods, 'method' => null];
        }
        $chosen = $method->chosen(array_intersect_key($fish->choices, $method->questions));
        $steps = $method->stepsFor($chosen, $fish->state);
        $whole = $fish->mass();

        return [
            'methods' => $methods,
            'method' => [
                'method' => $method->code,
                'name' => $method->name,
                'why' => $method->why,
                'at' => self::at($fish, $steps),
                'steps' => array_map(
                    fn (Step $step): array => [
                        'number' => $step->number,
                        'doing' => $step->doing,
                        'why' => $step->why,
                        'parts' => array_map(
                            fn (StepPart $part): array => [
                                'part' => $part->part->value,
                                'name' => $part->part->spoken(),
                                'from' => self::from($fish, $part),
                            ],
                            $step->parts,
                        ),
                        'place' => $step->place,
                        'tools' => $step->tools,
                        'caution' => $step->caution,
                        'inspect' => $step->inspect,
                        'seconds' => $step->secondsFor($whole) * $fish->count,
                    ],
                    $steps,
                ),
                'seconds' => Method::secondsFor($steps, $whole) * $fish->count,
                'begun_s' => $fish->begun_at === null
                        ? null
                        : max(0, now()->getTimestamp() - Moment::at($fish->begun_at)->getTimestamp()),
                'step_s' => self::secondsAtThisStep($fish),
                'questions' => array_values(
                    array_map(
                        fn (Question $question): array => [
                            'question' => $question->code,
                            'asks' => $question->asks,
                            'chosen' => $chosen[$question->code] ?? '',
                            'options' => array_map(
                                fn (Option $option): array => [
                                    'option' => $option->code,
                                    'name' => $option->name,
                                    'why' => $option->why,
                                    'costs' => self::costs($fish, $question, $option, $whole, $words),
                                ],
                                $question->options,
                            ),
                        ],
                        $method->questions,
                    ),
                ),
            ],
        ];
    }

    /** @param  list<Step>  $steps */
    public static function at(Fish $fish, array $steps): int
    {
        return Method::at(
            $steps,
            $fish->steps_said,
            array_values(
                $fish->pieces
                    ->filter(fn (Piece $piece): bool => $piece->part !== Part::Whole && $piece->reading() !== null)
                    ->map(fn (Piece $piece): Part => $piece->part)
                    ->all(),
            ),
        );
    }

    /** The piece on the board a part of a step comes off, when the method says and it lies there. */
    private static function from(Fish $fish, StepPart $part): ?string
    {
        return $part->from === null || $part->from === 'fillet'
            ? null
            : $fish->pieces->first(
                fn (Piece $piece): bool => $piece->part->value === $part->from && $piece->reading() !== null,
            )?->id;
    }

    /** "about 60 g; our 12 fish: 52 g": the starting figure on this fish, and what the house's own fish lost so. */
    private static function costs(Fish $fish, Question $question, Option $option, Mass $whole, Words $words): string
    {
        if ($option->part === null || $option->costsPct <= 0) {
            return 'costs nothing';
        }
        $ours = self::lost($fish)[KeepYields::lostBy($question, $option)] ?? new Ours(0, 0.0);
        $start = 'about '.$words->text(Mass::ofGrams(($whole->grams() * $option->costsPct) / 100));

        return $ours->isEnough()
            ? "{$start}; our {$ours->fishes} fish: ".
                $words->text(Mass::ofGrams(($whole->grams() * $ours->meanPct) / 100))
            : $start;
    }

    /** @return array<string, Ours> what other fish cut this way lost, by the answer */
    private static function lost(Fish $fish): array
    {
        return Remembered::of("lost:{$fish->id}:{$fish->method}", ['yield_records'], function () use ($fish): array {
            $lost = [];
            $rows = KeptYield::rows()
                ->select('rung')
                ->selectRaw('count(*) as fishes, avg(pct) as share')
                ->where([
                    'species_id' => $fish->species_id,
                    'state' => $fish->state->value,
                    'method' => $fish->method,
                ])
                ->where('fish_id', '!=', $fish->id)
                ->groupBy('rung')
                ->get();
            foreach (Row::all($rows) as $row) {
                $lost[$row->text('rung')] = new Ours((int) $row->number('fishes'), $row->number('share'));
            }

            return $lost;
        });
    }

    private static function secondsAtThisStep(Fish $fish): ?int
    {
        $from = $fish->last_step_at ?? $fish->begun_at;

        return $from === null ? null : max(0, now()->getTimestamp() - Moment::at($from)->getTimestamp());
    }
}
