<?php

declare(strict_types=1);

namespace App\Plan\Event;

use App\Kitchen\Format\Paper;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Plan\Service\AllergyGuests;
use App\Plan\Service\Learned;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Fish\Allergen;
use Sectum\Measure\UnitSystem;
use Sectum\Receive\Freshness;

/**
 * The production sheet of an event, a page a service: what is made, what is packed, how it is loaded, how cold it
 * travelled, and what came back.
 */
final readonly class ProductionPdf
{
    /** Columns of the pack list, mm. */
    private const COLUMNS = [8.0, 70.0, 24.0, 26.0, 26.0, 26.0];

    private const BLANK = '__________';

    /** @param  Collection<int, Service>  $services  of the event, in order */
    public static function of(string $event, Collection $services): string
    {
        $paper = Paper::titled("Production sheet, {$event}");
        foreach ($services as $service) {
            self::page($paper, $event, $service);
        }

        return $paper->print();
    }

    private static function page(Paper $paper, string $event, Service $service): void
    {
        $date = Moment::at($service->day)->format('l j F Y');
        $name = $service->name === $event ? $event : "{$event}: {$service->name}";
        $guests = $service->guests()->count;
        $dishes = self::dishes($service);
        $paper->page(
            $name,
            "{$date}, served at {$service->at}. {$service->covers} guests announced, ".
                ($service->guaranteed === null ? 'no count guaranteed yet' : "{$service->guaranteed} guaranteed").
                ", cooked for {$guests}.",
            260 + 34 * count($dishes) + 12 * count($service->allergies),
        );
        if ($service->note !== '') {
            $paper->line("Note: {$service->note}", 11, 'B');
        }
        foreach (AllergyGuests::of($service) as $one) {
            $named = $paper->says(Allergen::from($one['allergen'])->spoken());
            $paper->line(
                "{$one['guests']} without {$named}: ".
                    ($one['dishes'] === [] ? 'no dish here has it' : implode(', ', $one['dishes']).' has it').'.',
                11,
                'B',
            );
        }
        $paper->rule();
        $paper->line('Made', 13, 'B');
        foreach ($dishes as [$dish, $portions]) {
            $paper->box();
            $made = [
                ["{$portions} × {$dish->name}", 110.0],
                [Words::inBoth($dish->plateBand()->target).' each', 60.0],
            ];
            $paper->cells($made, 12, 'B', Paper::LEFT + 8);
            $paper->cells([['Contains '.self::allergens($paper, $dish).'.', 170.0]], 9.5, '', Paper::LEFT + 8);
        }
        self::packed($paper, $dishes);
        self::loaded($paper);
        $paper->space(2);
        $paper->line(Freshness::CHECK, 8);
    }

    /** @param  list<array{Dish, int}>  $dishes */
    private static function packed(Paper $paper, array $dishes): void
    {
        $paper->rule();
        $paper->line('Pack list and loading: what is served last goes in first', 13, 'B');
        self::row($paper, ['', 'Dish', 'Portions', 'Trays', 'Labels', 'Came back'], 'B');
        foreach (array_reverse($dishes) as [$dish, $portions]) {
            $paper->box();
            self::row($paper, ['', $dish->name, (string) $portions, self::BLANK, self::BLANK, self::BLANK]);
        }
        foreach (['Ice, cold packs', 'Probe, wiped', 'Knife, board, cloths', 'Spare labels and pen'] as $thing) {
            $paper->box();
            self::row($paper, ['', $thing, '', self::BLANK, '', self::BLANK]);
        }
    }

    private static function loaded(Paper $paper): void
    {
        $settings = Settings::load();
        $metric = new Words(UnitSystem::Metric, $settings->scaleStep);
        $us = new Words(UnitSystem::Us, $settings->scaleStep);
        $paper->rule();
        $paper->line('On the way', 13, 'B');
        $paper->line(
            "Fish travels at {$metric->degrees($settings->warmest)} ({$us->degrees($settings->warmest)}) or below. ".
                "{$settings->coldRule}.",
            10,
        );
        self::row($paper, ['', '', 'Hour', '°C warmest', 'By', ''], 'B');
        foreach (['Loaded', 'Arrived', 'Served from', 'Came back'] as $step) {
            $paper->box();
            self::row($paper, ['', $step, self::BLANK, self::BLANK, self::BLANK, '']);
        }
    }

    /** @param  list<string>  $cells */
    private static function row(Paper $paper, array $cells, string $weight = ''): void
    {
        $paper->row($cells, self::COLUMNS, 11, $weight);
        $paper->space(1.2);
    }

    /** @return list<array{Dish, int}> with the portions that are made of each */
    private static function dishes(Service $service): array
    {
        $menu = new Menu($service, Learned::here());
        $dishes = [];
        foreach ($service->dishes as $on) {
            $dish = Dish::of($on->dish_id);
            if ($dish !== null) {
                $dishes[] = [$dish, (int) ceil($menu->mean($on) - 1e-9)];
            }
        }

        return $dishes;
    }

    private static function allergens(Paper $paper, Dish $dish): string
    {
        return implode(', ', array_map(
            fn (Allergen $one): string => $paper->says($one->spoken()),
            $dish->allergens(),
        ));
    }
}
