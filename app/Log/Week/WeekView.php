<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Log\Walk\Period;
use App\Log\Walk\WalkView;
use Sectum\Log\Walk\WalkStep;
use Sectum\Log\Week\Sentence;
use Sectum\Measure\Percent;

/** The week as its page shows it. */
final readonly class WeekView
{
    /** @return Answer */
    private static function sentence(Sentence $one): array
    {
        [$what, $try] = WeekWords::of($one);

        return [
            'matter' => $one->matter->value,
            'about' => $one->values['step'] ?? ($one->values['of'] ?? ($one->values['factor'] ?? null)),
            'what' => $what,
            'try' => $try,
        ];
    }

    /** @return Answer */
    public static function of(Period $week, Person $reader): array
    {
        $of = new WeekOf($week, $reader);
        $words = Words::ofReader();
        $bought = $of->bought();
        $walk = $of->walk->walk;
        $plates = $walk->at(WalkStep::Plates);
        [$discarded, $worth] = $of->discarded();
        $priced = $reader->seesPrices();
        $before = $week->before();
        $edible = $of->walk->edible();

        return [
            'from' => $week->days()[0],
            'until' => $week->days()[1],
            'period' => $week->said(),
            'before' => $before->days()[0],
            'after' => $week->until->modify('+1 day')->format('Y-m-d'),
            'bought' => [
                'fish' => $bought['fish'],
                'mass' => $words->mass($bought['mass']),
                'paid' => $priced ? $bought['paid']->print() : null,
            ],
            'walk' => WalkView::of($week, $reader),
            'on_plates' => $plates === null || ! $walk->bought->isPositive()
                ? null
                : Percent::share($plates->mass, $walk->bought)?->print(),
            'edible' => $edible === null || ! $priced ? null : $words->rate($edible)->shown(),
            'discarded' => [
                'mass' => $words->mass($discarded),
                'worth' => $priced ? $worth->print() : null,
            ],
            'yields' => array_map(fn (array $one): array => [
                'name' => $one['name'],
                'fish' => $one['level']->count,
                'mean' => round($one['level']->mean, 2),
                'low' => $one['level']->low === null ? null : round($one['level']->low, 2),
                'high' => $one['level']->high === null ? null : round($one['level']->high, 2),
            ], $of->yields()),
            'portions' => $of->portions(),
            'sentences' => array_map(self::sentence(...), $of->sentences()),
            'kept' => KeptWeek::rows()->where('monday', $week->days()[0])->exists(),
        ];
    }
}
