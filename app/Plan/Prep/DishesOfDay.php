<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Plan\Order\OnHand;
use App\Plan\Service\Learned;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Plan\Service\ServiceDish;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\Tonight;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Plan\Work\DishToServe;
use Sectum\Plan\Work\DoneOn;
use Sectum\Plan\Work\Standing;
use Sectum\Portion\Serve\ServiceClass;

/**
 * What has to be cut on a day: what its services want and is not there yet, and what later ones want of it because it
 * stands for longer than a day, or because the head chef wants it cut before.
 */
final class DishesOfDay
{
    /** Days after one whose services may want work on it. */
    private const AHEAD = 3;

    /** @var array<string, list<array{string, int}>> last day and portions of trays by dish, what ends first in front */
    private array $trays = [];

    /** @var array<string, int> cut today, and on no tray yet */
    private array $cut = [];

    /** @param  string  $today  the kitchen day */
    private function __construct(
        private readonly string $day,
        private readonly string $today,
        private readonly Settings $settings,
    ) {
    }

    /** @return list<ServedDish> every dish that takes fish up to that day, in the order of the services */
    public static function of(string $day, DateTimeImmutable $now, Tonight $tonight): array
    {
        $today = Moment::date($now);
        $services = Service::held()
            ->with('dishes')
            ->where('day', '>=', $today)
            ->where('day', '<=', Moment::at($day)->modify('+'.self::AHEAD.' days')->format('Y-m-d'))
            ->get()
            ->filter(fn (Service $one): bool => $one->moment() > $now)
            ->values();
        $all = new self($day, $today, Settings::load());
        $all->look($services, $tonight);
        $dishes = [];
        $learned = Learned::here();
        foreach ($services as $service) {
            $menu = new Menu($service, $learned);
            foreach ($service->dishes as $on) {
                $dish = Dish::of($on->dish_id);
                if ($dish?->species_id !== null) {
                    $wanted = (int) round($menu->mean($on));
                    $one = $all->served($service, $on, $dish, $wanted);
                    if ($one !== null) {
                        $dishes[] = $one;
                    }
                }
            }
        }

        return $dishes;
    }

    /** @param  Collection<int, Service>  $services */
    private function look(Collection $services, Tonight $tonight): void
    {
        $dishes = [];
        foreach ($services as $service) {
            foreach ($service->dishes as $on) {
                $dishes[] = $on->dish_id;
            }
        }
        foreach (OnHand::trays(array_values(array_unique($dishes)), $this->today) as $tray) {
            $this->trays[$tray->dish_id][] = [$tray->until, $tray->left()];
        }
        foreach ($tonight->ready() as $dish => $portions) {
            $there = array_sum(array_column($this->trays[$dish] ?? [], 1));
            $this->cut[$dish] = max(0, $portions - $there);
        }
    }

    private function served(Service $service, ServiceDish $on, Dish $dish, int $wanted): ?ServedDish
    {
        $standing = CutDay::standing($dish);
        // What should have been begun before today is begun today.
        $cutOn = max($this->today, CutDay::of($service, $on)->day);
        $left = $wanted - $this->take($dish->id, $service->day, $wanted);
        $done = $this->doneOn($service->day, $cutOn, $standing);
        if ($done === null) {
            return null;
        }
        $due = $service->day === $this->day ? $service->minute() - $this->settings->prep->readyBefore : null;

        return new ServedDish(
            new DishToServe(
                $on->id,
                $dish->id,
                (float) $left,
                $due,
                $dish->service !== ServiceClass::Cooked,
                $standing,
                $done,
            ),
            $service,
            $dish,
            $wanted,
        );
    }

    /** Portions that are there already and keep until a day, what ends first taken first. */
    private function take(string $dish, string $day, int $wanted): int
    {
        $taken = 0;
        foreach ($this->trays[$dish] ?? [] as $i => [$until, $there]) {
            if ($until >= $day) {
                $now = min($there, $wanted - $taken);
                $this->trays[$dish][$i] = [$until, $there - $now];
                $taken += $now;
            }
        }
        if ($day === $this->today) {
            $now = min($this->cut[$dish] ?? 0, $wanted - $taken);
            $this->cut[$dish] = ($this->cut[$dish] ?? 0) - $now;
            $taken += $now;
        }

        return $taken;
    }

    private function doneOn(string $served, string $cutOn, ?Standing $standing): ?DoneOn
    {
        $overNight = $standing !== null && $standing->beforePortions;

        return match (true) {
            $served < $this->day, $served > $this->day && $cutOn < $this->day => DoneOn::AnotherDay,
            $served > $this->day && $cutOn > $this->day => null,
            $served > $this->day => $overNight ? DoneOn::PortionedLater : DoneOn::ThisDay,
            // A day before this one is still to come, and does its part.
            $cutOn < $this->day => $overNight ? DoneOn::BrokenDownBefore : DoneOn::AnotherDay,
            default => DoneOn::ThisDay,
        };
    }
}
