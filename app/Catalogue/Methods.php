<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Method\Step;
use Sectum\BreakDown\Method\StepPart;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;

/** The schools of breaking down, shipped and the house's own, from their tables. */
final readonly class Methods
{
    private const TABLES = ['methods', 'method_steps', 'method_choices'];

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
                self::steps($code),
                self::questions($code),
            );
    }

    /**
     * @return list<array{method: string, name: string, why: string, ours: bool}> those for a body form, the house's own
     *     first
     */
    public static function forForm(BodyForm $form): array
    {
        $methods = [];
        foreach (self::rows() as $row) {
            if ($row->text('form') !== $form->value) {
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

    /** @return list<Step> */
    private static function steps(string $code): array
    {
        $steps = [];
        foreach (Row::all(CatalogueStep::rows()->where('method', $code)->orderBy('step')->get()) as $row) {
            $choices = [];
            foreach (self::words($row->text('choices'), ';') as $choice) {
                [$question, $option] = explode(':', $choice, 2) + ['', ''];
                $choices[$question] = $option;
            }
            $steps[] = new Step(
                (int) $row->number('step'),
                $choices,
                $row->text('doing'),
                $row->text('why'),
                array_map(StepPart::parse(...), self::words($row->text('parts'), ' ')),
                $row->text('place'),
                $row->text('tools'),
                $row->text('caution'),
                $row->text('inspect'),
                $row->number('seconds'),
                $row->number('seconds_per_kg'),
            );
        }

        return $steps;
    }

    /** @return array<string, Question> */
    private static function questions(string $code): array
    {
        $options = [];
        $asks = [];
        $rows = CatalogueChoice::rows()->where('method', $code)->orderBy('rowid')->get();
        foreach (Row::all($rows) as $row) {
            $asks[$row->text('question')] = $row->text('asks');
            $options[$row->text('question')][] = new Option(
                $row->text('option'),
                $row->text('name'),
                $row->text('why'),
                Part::tryFrom($row->text('part')),
                $row->number('costs_pct'),
                $row->text('usual') === 'yes',
            );
        }
        $questions = [];
        foreach ($options as $question => $all) {
            $questions[$question] = new Question($question, $asks[$question] ?? $question, $all);
        }

        return $questions;
    }

    /**
     * @param  non-empty-string  $separator
     * @return list<string>
     */
    private static function words(string $joined, string $separator): array
    {
        return array_values(array_filter(explode($separator, $joined), fn (string $word): bool => $word !== ''));
    }
}
