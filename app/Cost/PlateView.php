<?php

declare(strict_types=1);

namespace App\Cost;

use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Brick\Math\BigRational;
use Sectum\Cost\CostBand;
use Sectum\Cost\HouseEnding;
use Sectum\Cost\Plate;
use Sectum\Measure\Money;
use Sectum\Measure\Percent;

/** A plate around a portion of a given cost: what is on it, what it sells for, what it should. */
final readonly class PlateView
{
    /** @return Answer */
    public static function of(Dish $dish, Money $portion, Settings $settings, Words $words): array
    {
        $plate = self::plate($dish, $portion, $settings);
        $sides = $settings->money($dish->sides_minor);
        // What is left of the plate beside portion and sides, so that the three add up to it.
        $small = $plate->cost->minus($portion)->minus($sides);
        $band = $dish->band();
        $target = $dish->target_cost_pct === null ? null : (float) $dish->target_cost_pct;

        return [
            'dish' => $dish->id,
            'version' => $dish->version,
            'name' => $dish->name,
            'target' => $words->text($band->target),
            'minus' => $words->text($band->minus),
            'plus' => $words->text($band->plus),
            'sides' => $sides->print(),
            'surcharge_pct' => (float) $dish->surcharge_pct,
            'small' => $small->print(),
            'price' => $dish->price($settings)?->print(),
            'target_cost_pct' => $target,
            'tax_pct' => (float) $settings->taxPct,
            'portion' => $portion->print(),
            'cost' => $plate->cost->print(),
            'cost_minor' => $plate->cost->minor,
            // As they are drawn beside each other.
            'bar' => [
                'portion' => $portion->minor,
                'sides' => $dish->sides_minor,
                'small' => $small->minor,
                'net' => $plate->netPrice?->minor,
                'target' => $plate->targetCost?->minor,
            ],
            'net_price' => $plate->netPrice?->print(),
            'cost_pct' => $plate->costPct === null ? null : Percent::of($plate->costPct)->print(),
            'band' => $plate->costPct === null || $target === null
                    ? null
                    : CostBand::of($plate->costPct, $target, $settings->costPoints)->value,
            'contribution' => $plate->contribution?->print(),
            'suggested_net' => $plate->suggestedNet?->print(),
            'suggested_gross' => $plate->suggestedGross?->print(),
            'suggested' => self::suggested($plate, $settings)?->print(),
        ];
    }

    /** The price that meets the target, by the house's last digits; null when none does. */
    public static function suggested(Plate $plate, Settings $settings): ?Money
    {
        $gross = $plate->suggestedGross;

        return $gross === null || $gross->minor < 0
            ? null
            : $settings->money(HouseEnding::of($settings->priceEnding)->up($gross->minor));
    }

    /** @param  Money|null  $price  in place of the dish's own */
    public static function plate(Dish $dish, Money $portion, Settings $settings, ?Money $price = null): Plate
    {
        return Plate::of(
            $portion,
            $settings->money($dish->sides_minor),
            BigRational::of($dish->surcharge_pct),
            $price ?? $dish->price($settings),
            BigRational::of($settings->taxPct),
            $dish->target_cost_pct === null ? null : BigRational::of($dish->target_cost_pct),
        );
    }
}
