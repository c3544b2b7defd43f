<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Illuminate\Support\Collection;
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
use stdClass;

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
                self::steps(CatalogueStep::rows()->where('method', $code)->orderBy('step')->get()),
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
            $rows = CatalogueChoice::rows()->get(['question', 'option', 'asks', 'name']);
            foreach (Row::all($rows) as $row) {
                $code = "{$row->text('question')}:{$row->text('option')}";
                $answers[$code] ??= "{$row->text('asks')}: ".lcfirst($row->text('name'));
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
            self::rules('order'),
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
            self::rules('exclusion'),
        );
    }

    /** @return list<Row> of one kind */
    private static function rules(string $kind): array
    {
        $rules = Remembered::of(
            'method rules',
            ['method_rules'],
            fn (): array => Row::all(CatalogueRule::rows()->orderBy('id')->get()),
        );

        return array_values(array_filter($rules, fn (Row $row): bool => $row->text('kind') === $kind));
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
            $rows = [];
            $all = CatalogueMethod::rows()->orderByRaw('copied_from is null')->orderBy('rowid')->get();
            foreach (Row::all($all) as $row) {
                $rows[$row->text('method')] = $row;
            }

            return $rows;
        });
    }

    /**
     * @param  Collection<int, stdClass>  $rows  of the table of steps
     * @return list<Step>
     */
    public static function steps(Collection $rows): array
    {
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
            Row::all($rows),
        );
    }

    /** @return array<string, Question> */
    private static function questions(string $code): array
    {
        $options = [];
        $asks = [];
        $rows = CatalogueChoice::rows()
            ->leftJoin('parts', 'parts.part', 'method_choices.part')
            ->where('method', $code)
            ->orderBy('method_choices.rowid')
            ->select('method_choices.*', 'parts.default_bin')
            ->get();
        foreach (Row::all($rows) as $row) {
            $asks[$row->text('question')] = $row->text('asks');
            $options[$row->text('question')][] = new Option(
                $row->text('option'),
                $row->text('name'),
                $row->text('why'),
                Part::tryFrom($row->text('part')),
                $row->number('costs_pct'),
                Bin::tryFrom($row->text('default_bin')),
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
