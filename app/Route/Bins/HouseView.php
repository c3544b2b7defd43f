<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Catalogue\HouseBin;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Route\Batches\FoodBatchView;
use App\Route\Recipes\Recipe;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;

/** How the house routes, and its recipes. */
final readonly class HouseView
{
    /** @return Answer */
    public static function of(Person $person): array
    {
        $settings = Settings::load();
        $unit = $person->units->bench();
        $mass = fn (?int $mg): ?string => $mg === null ? null : Mass::ofMilligrams($mg)->brief($unit);
        $bins = [];
        foreach (HouseBin::byName() as $house) {
            if ($house->bin !== Bin::Discard) {
                $bins[] = [
                    'bin' => $house->bin->value,
                    'name' => $house->bin->spoken(),
                    'family' => $house->bin->family()->value,
                    'version' => $house->version,
                    'value' => $person->seesPrices()
                        ? $settings->money($house->value_per_kg_minor)->print()
                        : null,
                    'room' => $mass($house->room_mg),
                    'enough' => $mass($house->batch_mg),
                    'days_cold' => $house->days()->cold,
                    'days_frozen' => $house->days()->frozen,
                    'source' => $house->source,
                ];
            }
        }
        $ways = $settings->ways;

        return [
            'ways' => [
                'keeps_dark_muscle' => $ways->keepsDarkMuscle,
                'skins_in_stock' => $ways->skinsInStock,
                'grills_heads' => $ways->grillsHeads,
                'boils_collars' => $ways->boilsCollars,
            ],
            'pots' => $settings->pots(),
            'bins' => $bins,
            'recipes' => array_values(
                array_map(
                    fn (Recipe $one): array => self::recipe($one, $settings, $person),
                    Recipe::query()->whereNull('retired_at')->orderBy('name')->get()->all(),
                ),
            ),
        ];
    }

    /** @return Answer */
    private static function recipe(Recipe $one, Settings $settings, Person $person): array
    {
        return [
            'id' => $one->id,
            'version' => $one->version,
            'name' => $one->name,
            'bin' => $one->bin->value,
            'from' => $one->bin->spoken(),
            'one_kind' => $one->one_kind,
            'litres' => $one->litres,
            'ingredients' => array_map(
                fn (array $each): array => [...$each, 'allergens' => $each['allergens'] ?? []],
                $one->ingredients,
            ),
            'allergens' => FoodBatchView::allergens($one->recipe()->allergens(), $settings),
            'marks' => $one->marks,
            'yield_per_kg' => $one->yield_per_kg,
            'yield_sd' => $one->yield_sd,
            'minutes' => $one->minutes,
            'value' => $person->seesPrices() ? $settings->money($one->value_minor)->print() : null,
            'days_kept' => $one->days_kept,
            'hot' => $one->hot,
            'caution' => $one->caution,
            'source' => $one->source,
        ];
    }
}
