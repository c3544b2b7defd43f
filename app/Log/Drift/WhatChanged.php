<?php

declare(strict_types=1);

namespace App\Log\Drift;

use App\BreakDown\SetUp\BoardSetUp;
use App\Catalogue\Methods;
use App\Hold\Checks\InstrumentCheck;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Log\Ledger\LoggedFish;
use DateTimeImmutable;
use Sectum\Log\Drift\Changed;

/** What was new about the time something began to drift: the first fish from a supplier, by a method, by a hand … */
final readonly class WhatChanged
{
    /** Days about the beginning that are looked through. */
    private const ABOUT = 7;

    /** @return list<array{what: string, name: string, day: string}> in the order in which it happened */
    public static function about(DateTimeImmutable $since): array
    {
        $days = [
            $since->modify('-'.self::ABOUT.' days')->format('Y-m-d'),
            $since->modify('+'.self::ABOUT.' days')->format('Y-m-d'),
        ];
        $found = [
            ...self::firsts('supplier_id', Changed::Supplier, 'suppliers', $days),
            ...self::firsts('cutter_id', Changed::Cutter, 'people', $days),
            ...self::methods($days),
            ...self::knives($days),
            ...self::scales($days),
        ];
        usort($found, fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return array_map(fn (array $one): array => [
            'what' => $one['what']->value,
            'name' => $one['name'],
            'day' => Moment::at($one['at'])->format('D j M'),
        ], $found);
    }

    /**
     * Levels whose first fish of all came in those days; not those the record begins with.
     *
     * @param  array{string, string}  $days
     * @return list<array{what: Changed, name: string, at: string}>
     */
    private static function firsts(string $column, Changed $what, string $table, array $days): array
    {
        $rows = LoggedFish::rows()
            ->join($table, "{$table}.id", "logged_fish.{$column}")
            ->groupBy("logged_fish.{$column}")
            ->havingRaw('min(cut_on) between ? and ?', $days)
            ->havingRaw('min(cut_on) > (select min(cut_on) from logged_fish)')
            ->selectRaw("min({$table}.name) as name, min(cut_on) as at")
            ->get();

        return array_map(
            fn (Row $row): array => ['what' => $what, 'name' => $row->text('name'), 'at' => $row->text('at')],
            Row::all($rows),
        );
    }

    /**
     * @param  array{string, string}  $days
     * @return list<array{what: Changed, name: string, at: string}>
     */
    private static function methods(array $days): array
    {
        $rows = LoggedFish::rows()
            ->where('method', '!=', '')
            ->groupBy('method')
            ->havingRaw('min(cut_on) between ? and ?', $days)
            ->havingRaw('min(cut_on) > (select min(cut_on) from logged_fish)')
            ->selectRaw('method, min(cut_on) as at')
            ->get();

        return array_map(fn (Row $row): array => [
            'what' => Changed::Method,
            'name' => Methods::names()[$row->text('method')] ?? $row->text('method'),
            'at' => $row->text('at'),
        ], Row::all($rows));
    }

    /**
     * @param  array{string, string}  $days
     * @return list<array{what: Changed, name: string, at: string}>
     */
    private static function knives(array $days): array
    {
        $found = [];
        $before = null;
        $sharpened = [];
        foreach (BoardSetUp::query()->orderBy('done_at')->get() as $one) {
            $day = Moment::date($one->done_at);
            if ($before !== null && $before !== $one->knife && $day >= $days[0] && $day <= $days[1]) {
                $found[] = ['what' => Changed::Knife, 'name' => $one->knife->value, 'at' => $day];
            }
            $on = $one->sharpened_on;
            if ($on !== null && $on >= $days[0] && $on <= $days[1] && ! isset($sharpened[$on])) {
                $sharpened[$on] = true;
                $found[] = ['what' => Changed::Sharpened, 'name' => $one->knife->value, 'at' => $on];
            }
            $before = $one->knife;
        }

        return $found;
    }

    /**
     * @param  array{string, string}  $days
     * @return list<array{what: Changed, name: string, at: string}>
     */
    private static function scales(array $days): array
    {
        $rows = InstrumentCheck::rows()
            ->whereBetween('checked_at', [
                Moment::written(Moment::at($days[0])),
                Moment::written(Moment::at($days[1])->modify('+1 day')),
            ])
            ->orderBy('checked_at')
            ->get(['instrument', 'checked_at']);

        return array_map(fn (Row $row): array => [
            'what' => Changed::ScaleChecked,
            'name' => $row->text('instrument'),
            'at' => Moment::date($row->text('checked_at')),
        ], Row::all($rows));
    }
}
