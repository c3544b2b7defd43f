<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Kitchen\Moment;
use App\Plan\Prep\CutDay;
use DateTimeImmutable;

/** The latest day fish may come on for what is wanted of it. */
final readonly class InHouseBy
{
    /**
     * @return array{day: string, date: string, why: string}|null the day as a date and in words, and why it is that
     *     one; null when nothing wants it
     */
    public static function of(SpeciesNeed $need, DateTimeImmutable $now): ?array
    {
        $dishes = array_map(fn (DishNeed $one): string => $one->dish->id, $need->dishes);
        $first = null;
        foreach ($need->services as $service) {
            foreach ($service->dishes->whereIn('dish_id', $dishes) as $on) {
                $cut = CutDay::of($service, $on);
                $first = $first === null || $cut->day < $first->day ? $cut : $first;
            }
        }
        if ($first === null) {
            return null;
        }
        $day = max($first->day, Moment::date($now));

        return ['day' => $day, 'date' => Moment::at($day)->format('l j F'), 'why' => $first->why];
    }
}
