<?php

declare(strict_types=1);

namespace App\BreakDown\Yields;

use App\BreakDown\Method\HowCut;
use App\Fish\Fish;
use App\Fish\FishTree;
use App\Fish\Piece;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Settings;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\GradedYield;
use Sectum\BreakDown\GradeShift;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Ours;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Recovery;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Fish\FatGrade;
use Sectum\Fish\Rung;
use Sectum\Measure\Mass;
use Sectum\Measure\Percent;
use Sectum\Receive\Found;

/**
 * What the house's own fish gave, by species, state, method and rung: worked out anew whenever a fish changes, so that
 * a mistake taken back is forgotten at once.
 */
final readonly class KeepYields
{
    /** The latest fish that count. */
    private const MOST = 200;

    /** Of each step of a kind the latest, found from its end: a house cuts some thousand fish of a kind. */
    private const LATEST = <<<'SQL'
        with recursive rungs(rung) as (
            select min(rung) from yield_records where species_id = ? and state = ?
            union all
            select (select min(rung) from yield_records where species_id = ? and state = ? and rung > rungs.rung)
            from rungs where rungs.rung is not null
        )
        select of.rung, of.pct, of.each_mg, fish.choices, fish.fat_grade
        from rungs
        join yield_records as of on of.rowid in (
            select rowid from yield_records as one
            where species_id = ? and state = ? and one.rung = rungs.rung and method = coalesce(?, method)
                and fish_id != ?
            order by fish_id desc limit ?
        )
        join fish on fish.id = of.fish_id
        order by of.fish_id desc
        SQL;

    public static function of(Fish $fish): void
    {
        if ($fish->yields_kept !== 0) {
            KeptYield::rows()->where('fish_id', $fish->id)->delete();
        }
        if (! $fish->broken_down) {
            return;
        }
        $tree = FishTree::of($fish, Settings::load()->scaleStep);
        $rows = [];
        foreach (Recovery::of($tree, Reconcile::of($tree))->rungs as $rung) {
            if (
                $rung->rung !== Rung::AsBought &&
                $rung->rung !== Rung::Portions &&
                $rung->ofPurchasedPct > 0 &&
                $rung->ofPurchasedPct <= 100
            ) {
                $rows[] = [...self::about($fish), 'rung' => $rung->rung->value, 'pct' => $rung->ofPurchasedPct];
            }
        }
        $cut = HowCut::of($fish);
        foreach ($cut === null ? [] : $cut->method->options($cut->answered) as [$question, $option]) {
            $lost = Mass::ofMilligrams(
                $fish->pieces
                    ->filter(fn (Piece $piece): bool => $piece->part === $option->part)
                    ->sum(fn (Piece $piece): int => $piece->reading()->mass_mg ?? 0),
            );
            $pct = Percent::share($lost, $fish->mass());
            if ($option->part !== null && $lost->isPositive() && $pct !== null) {
                $rows[] = [...self::about($fish), 'rung' => self::lostBy($question, $option), 'pct' => $pct->value];
            }
        }
        KeptYield::rows()->insert($rows);
        // Whoever asks next has to look.
        $fish->offsetUnset('yields_kept');
    }

    /** Under which name the record of what an answer cost is kept. */
    public static function lostBy(Question $question, Option $option): string
    {
        return "{$question->code}:{$option->code}";
    }

    /** @return array<string, string|int> what a record is about */
    private static function about(Fish $fish): array
    {
        return [
            'fish_id' => $fish->id,
            'species_id' => $fish->species_id,
            'state' => $fish->state->value,
            'method' => $fish->method ?? '',
            'each_mg' => self::each($fish)->milligrams,
        ];
    }

    /** One fish of it, when several were weighed together. */
    private static function each(Fish $fish): Mass
    {
        return (new Found($fish->mass(), $fish->count, Mass::zero()))->each();
    }

    /** What the catalogue has to begin with for fish like this one; null where it has nothing. */
    public static function starting(Fish $fish, string $rung): ?StartingYield
    {
        return $fish->species->starting($fish->state, $rung);
    }

    /** What a fish should give at a rung; null where the catalogue has no starting figure. */
    public static function expected(Fish $fish, Rung $rung): ?ExpectedYield
    {
        $start = self::starting($fish, $rung->value);
        if ($start === null) {
            return null;
        }

        $shift = AnswerShift::of($fish);
        $records = self::records($fish)[$rung->value] ?? [];
        $fat = GradeShift::of(
            array_map(fn (array $record): GradedYield => new GradedYield($record[2], $record[0]->pct), $records),
        );

        return ExpectedYield::of(
            $start->hadItKept(
                $shift->points($rung, []) + $fat->points($fish->fat_grade),
            ),
            array_map(
                fn (array $record): YieldRecord => $record[0]->hadItKept(
                    $shift->points($rung, $record[1]) + $fat->points($fish->fat_grade, $record[2]),
                ),
                $records,
            ),
            0.9,
            self::each($fish),
        );
    }

    /** What other fish like it, cut the same way, lost by this answer; of the latest that count. */
    public static function lostSo(Fish $fish, Question $question, Option $option): Ours
    {
        $records = self::records($fish)[self::lostBy($question, $option)] ?? [];
        $sum = array_sum(array_map(fn (array $record): float => $record[0]->pct, $records));

        return new Ours(count($records), $records === [] ? 0.0 : $sum / count($records));
    }

    /**
     * What other fish like it gave, by yield step, the latest first, each with its answers and the fat
     * grade of its lot.
     *
     * @return array<string, list<array{YieldRecord, array<string, string>, FatGrade|null}>>
     */
    private static function records(Fish $fish): array
    {
        return Remembered::of("yields:{$fish->id}:{$fish->method}", ['yield_records'], function () use ($fish): array {
            $of = [$fish->species_id, $fish->state->value];
            $rows = Row::selected(self::LATEST, [...$of, ...$of, ...$of, $fish->method, $fish->id, self::MOST]);
            $records = [];
            foreach ($rows as $row) {
                $choices = [];
                foreach ((array) json_decode($row->text('choices'), true) as $question => $option) {
                    $choices += is_string($option) ? [(string) $question => $option] : [];
                }
                $records[$row->text('rung')][] = [
                    new YieldRecord($row->number('pct'), Mass::ofMilligrams((int) $row->number('each_mg'))),
                    $choices,
                    FatGrade::tryFrom($row->text('fat_grade')),
                ];
            }

            return $records;
        });
    }
}
