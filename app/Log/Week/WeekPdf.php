<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Kitchen\Format\Paper;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Log\Walk\Period;
use Sectum\Log\Find\Level;
use Sectum\Log\Walk\WalkStep;
use Sectum\Measure\Percent;

/** The week on one page of paper. */
final readonly class WeekPdf
{
    private const LARGE = 13.0;

    private const TEXT = 10.5;

    private const SMALL = 9.0;

    /** Columns of tables, mm. */
    private const STEPS = [60.0, 30.0, 25.0, 30.0, 35.0];

    private const THREE = [80.0, 30.0, 35.0, 35.0];

    public static function of(Period $week, Person $reader): string
    {
        $of = new WeekOf($week, $reader);
        $words = Words::ofReader();
        $bought = $of->bought();
        [$yields, $portions] = [$of->yields(), $of->portions()];
        $paper = Paper::titled("Week {$week->said()}");
        $paper->page(
            "The week, {$week->said()}, {$week->until->format('Y')}",
            'Printed '.Moment::at(Moment::written(now()))->format('D j M, H:i').'.',
            self::points(count($of->walk->walk->lines) + count($yields) + count($portions)),
        );
        $paper->line(
            "Bought: {$bought['fish']} fish, {$words->text($bought['mass'])}, {$bought['paid']->print()}.".
                ($of->walk->edible() === null ? '' : " Edible: {$words->rate($of->walk->edible())->text()}."),
            self::LARGE,
        );
        $paper->rule();
        self::sentences($paper, $of);
        self::walk($paper, $of, $words);
        self::yields($paper, $yields);
        self::portions($paper, $portions);

        return $paper->print();
    }

    /** Points of all lines together, so that they fit on one page. */
    private static function points(int $rows): float
    {
        return 150 +
            3 * (self::LARGE + 2 * self::TEXT) +
            self::SMALL * $rows;
    }

    private static function sentences(Paper $paper, WeekOf $of): void
    {
        foreach ($of->sentences() as $one) {
            [$what, $try] = WeekWords::of($one);
            $paper->line($what, self::LARGE, 'B');
            $paper->line(Words::named('log.try', ['what' => $try]), self::TEXT);
            $paper->space(1.5);
        }
    }

    private static function walk(Paper $paper, WeekOf $of, Words $words): void
    {
        $walk = $of->walk->walk;
        if (! $walk->bought->isPositive()) {
            $paper->line('Nothing was cut this week.', self::TEXT);

            return;
        }
        $paper->line('Where the grams went: '.$words->text($walk->bought).' cut', self::TEXT, 'B');
        $stretches = [];
        foreach (array_reverse($walk->lines) as $line) {
            $share = $line->mass->milligrams / $walk->bought->milligrams;
            if ($share > 0) {
                $stretches[] = [$share, self::look($line->step)];
            }
        }
        $paper->bar($stretches);
        $paper->line(Words::named('log.walk-key'), self::SMALL);
        $paper->space(1.5);
        foreach ($walk->lines as $line) {
            if ($line->mass->milligrams !== 0) {
                $paper->row([
                    Words::named("log.walk.{$line->step->value}"),
                    $words->text($line->mass),
                    Percent::share($line->mass, $walk->bought)?->print() ?? '',
                    $line->paid->print(),
                    $line->best === null ? '' : $words->text($line->best).' at best',
                ], self::STEPS, self::SMALL, figures: 1);
            }
        }
        $paper->rule();
    }

    /** @param  list<array{name: string, level: Level}>  $yields */
    private static function yields(Paper $paper, array $yields): void
    {
        foreach ($yields as $i => $one) {
            if ($i === 0) {
                $heads = ['Yield against expected', 'Fish', 'Points', 'Between'];
                $paper->row($heads, self::THREE, self::SMALL, 'B', figures: 1);
            }
            $level = $one['level'];
            $paper->row([
                $one['name'],
                (string) $level->count,
                self::signed($level->mean),
                $level->low === null ? '' : self::signed($level->low).' and '.self::signed($level->high ?? 0.0),
            ], self::THREE, self::SMALL, figures: 1);
        }
        $paper->space(2);
    }

    /** @param  list<array{name: string, served: int, unserved: int, thrown: int}>  $portions */
    private static function portions(Paper $paper, array $portions): void
    {
        foreach ($portions as $i => $one) {
            if ($i === 0) {
                $heads = ['Portions off trays', 'Served', 'Not served', 'Thrown away'];
                $paper->row($heads, self::THREE, self::SMALL, 'B', figures: 1);
            }
            $paper->row(
                [$one['name'], (string) $one['served'], (string) $one['unserved'], (string) $one['thrown']],
                self::THREE,
                self::SMALL,
                figures: 1,
            );
        }
    }

    private static function signed(float $points): string
    {
        return str_replace('-', '−', sprintf('%+.1f', $points));
    }

    private static function look(WalkStep $step): string
    {
        return match ($step) {
            WalkStep::Plates, WalkStep::Kept, WalkStep::Over, WalkStep::ToPortion => 'full',
            WalkStep::Bones, WalkStep::Skin => 'lines',
            WalkStep::FrameLeft,
            WalkStep::Otherwise,
            WalkStep::Tidy,
            WalkStep::Ends,
            WalkStep::LeftOver,
            WalkStep::Unserved => 'grey',
            WalkStep::Process, WalkStep::Guts, WalkStep::Discarded => 'empty',
        };
    }
}
