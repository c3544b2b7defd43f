<?php

/**
 * Days of up to 60 tasks and 4 cutters: seconds, the gap to the bound, and the best list beside it, case by case.
 *
 *     php bench/schedule.php
 */

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Plan\Prep\Cutter;
use Sectum\Plan\Prep\Day;
use Sectum\Plan\Prep\Improve;
use Sectum\Plan\Prep\Schedule;
use Sectum\Plan\Prep\Task;

require __DIR__.'/../vendor/autoload.php';

/**
 * A dining room's day: many lots, each taken in, broken down, brined where it is, portioned and packed.
 *
 * @return list<Task>
 */
function lots(Randomizer $random, int $lots): array
{
    $tasks = [];
    for ($k = 0; $k < $lots; $k++) {
        $lot = "lot {$k}";
        $raw = $k % 4 === 0;
        $ready = 420 + 15 * $random->getInt(0, 6);
        $tasks[] = new Task("{$lot} in", $random->getInt(5, 12), $ready, null, [], $lot, $raw);
        $tasks[] = new Task("{$lot} down", $random->getInt(15, 50), null, null, ["{$lot} in"], $lot, $raw);
        $brined = $k % 3 === 1;
        if ($brined) {
            $tasks[] = new Task("{$lot} brine", 40, null, null, ["{$lot} down"], null, false, false);
        }
        $from = $brined ? "{$lot} brine" : "{$lot} down";
        $tasks[] = new Task("{$lot} cut", $random->getInt(12, 35), null, null, [$from], $lot, $raw);
        $due = 1080 + 15 * $random->getInt(0, 4);
        $tasks[] = new Task("{$lot} pack", $random->getInt(5, 12), null, $due, ["{$lot} cut"], $lot, $raw);
    }

    return $tasks;
}

/**
 * A banquet's day: few kinds of many like fish, broken down one by one, brined where they are, portioned by several.
 *
 * @return list<Task>
 */
function banquet(Randomizer $random, int $kinds, int $fish): array
{
    $tasks = [];
    for ($k = 0; $k < $kinds; $k++) {
        $ready = 480 + 15 * $random->getInt(0, 4);
        $raw = $k % 3 === 0;
        $cut = [];
        for ($i = 0; $i < $fish; $i++) {
            $cut[] = "break down {$k}.{$i}";
            $tasks[] = new Task("break down {$k}.{$i}", $random->getInt(8, 22), $ready, null, [], "lot {$k}", $raw);
        }
        $after = $cut;
        if ($k % 2 === 1) {
            $tasks[] = new Task("brine {$k}", 40, null, null, $cut, null, false, false);
            $after = ["brine {$k}"];
        }
        $portion = array_map(fn (int $i): string => "portion {$k}.{$i}", range(0, intdiv($fish, 2)));
        foreach ($portion as $id) {
            $tasks[] = new Task($id, $random->getInt(8, 16), null, null, $after, "lot {$k}", $raw);
        }
        $tasks[] = new Task("label {$k}", 6, null, 1020 + 30 * $random->getInt(0, 3), $portion, "lot {$k}", $raw);
    }

    return $tasks;
}

$days = [];
foreach ([[6, 2], [10, 3], [15, 4]] as [$lots, $hands]) {
    $days["{$lots} lots, {$hands} cutters"] = [fn (Randomizer $random): array => lots($random, $lots), $hands];
}
foreach ([[3, 4, 2], [6, 5, 4], [4, 9, 4]] as [$kinds, $fish, $hands]) {
    $days["banquet, {$kinds} kinds of {$fish}, {$hands} cutters"] =
        [fn (Randomizer $random): array => banquet($random, $kinds, $fish), $hands];
}
$random = new Randomizer(new Mt19937(20261127));
printf("%-36s %6s %8s %8s %8s %7s %8s\n", 'day', 'tasks', 'finish', 'bound', 'list', 'gap %', 'seconds');
foreach ($days as $name => [$draw, $hands]) {
    for ($try = 0; $try < 3; $try++) {
        $tasks = $draw($random);
        $cutters = [];
        for ($i = 0; $i < $hands; $i++) {
            $cutters[] = new Cutter("cutter {$i}", 420 + 30 * ($i % 2), 1320, 1 + 0.1 * $i);
        }
        $began = hrtime(true);
        $day = Schedule::of($tasks, $cutters, 6);
        $seconds = (hrtime(true) - $began) / 1e9;
        $list = Improve::list(new Day($tasks, $cutters, 6))->merit();
        printf(
            "%-36s %6d %8.1f %8.1f %8.1f %7.2f %8.2f\n",
            $name,
            count($tasks),
            $day->merit->finish,
            $day->boundFinish,
            $list->finish,
            $day->gapPct(),
            $seconds,
        );
    }
}
