<?php

declare(strict_types=1);

namespace App\Portion\Dish;

use App\Kitchen\Format\Words;
use App\Kitchen\Language\Said;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\Serve\Prep;

/** A dish as the page shows it; money only for whoever may see it. */
final readonly class DishView
{
    /** @return Answer */
    public static function all(Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);

        return [
            'dishes' => array_map(
                fn (Dish $dish): array => self::full($dish, $words, $person, $settings),
                array_values(Dish::served()->with('species')->get()->all()),
            ),
        ];
    }

    /** @return Answer */
    public static function one(Dish $dish, Person $person): array
    {
        $settings = Settings::load();

        return self::full($dish, new Words($person->units, $settings->scaleStep), $person, $settings);
    }

    /** @return Answer */
    private static function full(Dish $dish, Words $words, Person $person, Settings $settings): array
    {
        $text = fn (int $milligrams): string => $milligrams === 0
            ? '0'
            : Mass::ofMilligrams($milligrams)->print($words->unit);
        $money = fn (?int $minor): ?string => $minor === null
            ? null
            : ltrim($settings->money($minor)->print(), $settings->currency->sign());

        return [
            'id' => $dish->id,
            'name' => $dish->name,
            'version' => $dish->version,
            'retired' => $dish->retired_at !== null,
            'target' => $text($dish->target_mg),
            'minus' => $text($dish->minus_mg),
            'plus' => $text($dish->plus_mg),
            'species' => $dish->species_id,
            'fish' => $dish->species?->name,
            'stretch' => $dish->stretch->value,
            'stretch_said' => $dish->stretch->spoken(),
            'service' => $dish->service->value,
            'service_said' => $dish->service->spoken(),
            'preparations' => array_map(fn (Prep $prep): string => $prep->value, $dish->preps()),
            'prepared' => implode(
                ', ',
                array_map(fn (Prep $prep): string => Said::called($prep->spoken()), $dish->preps()),
            ),
            'board' => $dish->losses === [] ? null : $words->text($dish->band()->target),
            'fat_grades' => $dish->fat_grades === '' ? [] : explode(' ', $dish->fat_grades),
            'per_plate' => $dish->per_plate,
            'treatment' => $dish->treatment_id,
            'size_of' => $dish->size_of,
            'share_pct' => $dish->share_pct,
            'allergens' => $dish->allergens === '' ? [] : explode(' ', $dish->allergens),
            'slant_deg' => $dish->slant_deg,
            'min_thickness_mm' => $dish->thin_mm,
            'max_thickness_mm' => $dish->thick_mm,
            'min_evenness' => $dish->evenness,
            'priority' => $dish->priority->value,
            ...$person->seesPrices()
                ? [
                    'price' => $money($dish->price_minor),
                    'sides' => $money($dish->sides_minor),
                    'value' => $money($dish->value_minor),
                    'worth' => $dish->worth($settings)->print(),
                    'surcharge_pct' => (float) $dish->surcharge_pct,
                    'target_cost_pct' => $dish->target_cost_pct === null ? null : (float) $dish->target_cost_pct,
                ]
                : [],
        ];
    }
}
