<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Database\SmallTables;
use Sectum\BreakDown\Method\Condition;
use Sectum\BreakDown\Method\Cue;
use Sectum\BreakDown\Method\Exclusion;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepOrder;
use Sectum\BreakDown\Method\StepPart;
use Sectum\BreakDown\Method\WhyNot;
use Sectum\Fish\Bin;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;

/** The schools of breaking down, shipped and the house's own, from their tables. */
final readonly class Methods
{
    /** What a method stands on. */
    public const TABLES = ['methods', 'method_steps', 'method_choices', 'method_rules', 'parts'];

    public static function of(string $code): ?Method
    {
        return Remembered::of("method:{$code}", self::TABLES, fn (): ?Method => self::read($code));
    }

    private static function read(string $code): ?Method
    {
        $row = self::rows()[$code] ?? null;

        return $row === null
            ? null
            : new Method(
                $code,
                $row->text('name'),
                BodyForm::from($row->text('form')),
                $row->text('why'),
                self::steps(SmallTables::rows('method_steps', $code)),
                self::questions($code),
                self::exclusions(),
                self::orders(),
            );
    }

    /** @return array<string, string> what every method is called, by its code */
    public static function names(): array
    {
        return array_map(fn (Row $row): string => $row->text('name'), self::rows());
    }

    /** @return array<string, string> "Ribs: sheet cut off in one sweep" by "ribs:sweep", over all methods */
    public static function answers(): array
    {
        return Remembered::of('answers', ['method_choices'], function (): array {
            $answers = [];
            foreach (array_merge(...array_values(SmallTables::all('method_choices'))) as $row) {
                $answers["{$row['question']}:{$row['option']}"] ??= "{$row['asks']}: ".lcfirst((string) $row['name']);
            }

            return $answers;
        });
    }

    /** The shipped method a copy goes back to; itself when it is shipped. */
    public static function shipped(string $code): string
    {
        $rows = self::rows();
        for ($i = 0; $i < count($rows); $i++) {
            $from = ($rows[$code] ?? null)?->text('copied_from') ?? '';
            if ($from === '') {
                break;
            }
            $code = $from;
        }

        return $code;
    }

    /** @return list<StepOrder> */
    public static function orders(): array
    {
        return array_map(
            fn (Row $row): StepOrder => new StepOrder(
                $row->text('first'),
                $row->text('second'),
                Condition::parse($row->text('choices')),
                $row->text('reason'),
            ),
            SmallTables::rows('method_rules', 'order'),
        );
    }

    /** @return list<Exclusion> */
    private static function exclusions(): array
    {
        return array_map(
            fn (Row $row): Exclusion => new Exclusion(
                $row->text('first'),
                $row->text('second') === '' ? null : $row->text('second'),
                Condition::parse($row->text('choices')),
                WhyNot::from($row->text('reason')),
            ),
            SmallTables::rows('method_rules', 'exclusion'),
        );
    }

    /** Usual seconds of a kind of step on a fish built so, by the shipped method that is written first; 0 for none. */
    public static function secondsOf(BodyForm $form, string $action, Mass $whole): int
    {
        foreach (self::rows() as $code => $row) {
            if ($row->text('form') !== $form->value || $row->text('copied_from') !== '') {
                continue;
            }
            foreach (self::of($code)->steps ?? [] as $step) {
                if ($step->action === $action) {
                    return $step->secondsFor($whole);
                }
            }
        }

        return 0;
    }

    /**
     * @return list<array{method: string, name: string, why: string, ours: bool}> those for such a fish, the house's own
     *     first
     */
    public static function forFish(BodyForm $form, StateBought $state): array
    {
        $methods = [];
        foreach (self::rows() as $row) {
            if ($row->text('form') !== $form->value || in_array($state->value, self::notFor($row), true)) {
                continue;
            }
            $methods[] = [
                'method' => $row->text('method'),
                'name' => $row->text('name'),
                'why' => $row->text('why'),
                'ours' => $row->text('copied_from') !== '',
            ];
        }

        return $methods;
    }

    /** Whether a method is one for a fish that came so. */
    public static function suits(string $code, StateBought $state): bool
    {
        $row = self::rows()[$code] ?? null;

        return $row !== null && ! in_array($state->value, self::notFor($row), true);
    }

    /** @return list<string> */
    private static function notFor(Row $row): array
    {
        return explode('|', $row->text('not_for'));
    }

    /** @return array<string, Row> all methods by code, the house's own first */
    private static function rows(): array
    {
        return Remembered::of('methods', ['methods'], function (): array {
            $ours = $shipped = [];
            foreach (SmallTables::all('methods') as $code => [$row]) {
                $row['copied_from'] === null
                    ? $shipped[(string) $code] = Row::of((object) $row)
                    : $ours[(string) $code] = Row::of((object) $row);
            }

            return [...$ours, ...$shipped];
        });
    }

    /**
     * @param  list<Row>  $rows  of the table of steps
     * @return list<Step>
     */
    public static function steps(array $rows): array
    {
        usort($rows, fn (Row $a, Row $b): int => $a->number('step') <=> $b->number('step'));

        return array_map(
            fn (Row $row): Step => new Step(
                (int) $row->number('step'),
                $row->text('action'),
                Condition::parse($row->text('choices')),
                $row->text('doing'),
                $row->text('why'),
                array_map(StepPart::parse(...), StepPart::listed($row->text('parts'))),
                $row->text('place'),
                $row->text('tools'),
                $row->text('caution'),
                $row->text('inspect'),
                new Cue(
                    $row->text('cue'),
                    $row->text('mistake'),
                    $row->text('mistake_costs'),
                    $row->text('drawing'),
                ),
                $row->number('seconds'),
                $row->number('seconds_per_kg'),
            ),
            $rows,
        );
    }

    /** @return array<string, Question> */
    private static function questions(string $code): array
    {
        $options = [];
        $asks = [];
        $parts = SmallTables::all('parts');
        foreach (SmallTables::rows('method_choices', $code) as $row) {
            $asks[$row->text('question')] = $row->text('asks');
            $options[$row->text('question')][] = new Option(
                $row->text('option'),
                $row->text('name'),
                $row->text('why'),
                Part::tryFrom($row->text('part')),
                $row->number('costs_pct'),
                Bin::tryFrom((string) ($parts[$row->text('part')][0]['default_bin'] ?? '')),
                $row->text('usual') === 'yes',
            );
        }
        $questions = [];
        foreach ($options as $question => $all) {
            $questions[$question] = new Question($question, $asks[$question] ?? $question, $all);
        }

        return $questions;
    }
}
