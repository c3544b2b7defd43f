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
    /** @return array<string, mixed> */
    public static function of(Dish $dish, int $portionMinor, Settings $settings, Words $words): array
    {
        $money = fn (?int $minor): ?string => $minor === null
            ? null
            : Money::ofMinor($minor, $settings->currency)->print();
        $plate = self::plate($dish, $portionMinor, $settings);
        $band = $dish->band();
        $target = $dish->target_cost_pct === null ? null : (float) $dish->target_cost_pct;

        return [
            'dish' => $dish->id,
            'version' => $dish->version,
            'name' => $dish->name,
            'target' => $words->text($band->target),
            'minus' => $words->text($band->minus),
            'plus' => $words->text($band->plus),
            'sides' => $money($dish->sides_minor),
            'surcharge_pct' => (float) $dish->surcharge_pct,
            // What is left of the plate beside portion and sides, so that the three add up to it.
            'small' => $money($plate->plateCostMinor - $portionMinor - $dish->sides_minor),
            'price' => $money($dish->price_minor),
            'target_cost_pct' => $target,
            'tax_pct' => (float) $settings->taxPct,
            'portion' => $money($portionMinor),
            'cost' => $money($plate->plateCostMinor),
            'cost_minor' => $plate->plateCostMinor,
            // As they are drawn beside each other.
            'bar' => [
                'portion' => $portionMinor,
                'sides' => $dish->sides_minor,
                'small' => $plate->plateCostMinor - $portionMinor - $dish->sides_minor,
                'net' => $plate->netPriceMinor,
                'target' => $plate->targetCostMinor,
            ],
            'net_price' => $money($plate->netPriceMinor),
            'cost_pct' => $plate->costPct === null ? null : Percent::of($plate->costPct)->print(),
            'band' => $plate->costPct === null || $target === null
                    ? null
                    : CostBand::of($plate->costPct, $target, $settings->costPoints)->value,
            'contribution' => $money($plate->contributionMinor),
            'suggested_net' => $money($plate->suggestedNetMinor),
            'suggested_gross' => $money($plate->suggestedGrossMinor),
            'suggested' => $plate->suggestedGrossMinor === null || $plate->suggestedGrossMinor < 0
                    ? null
                    : $money(HouseEnding::of($settings->priceEnding)->up($plate->suggestedGrossMinor)),
        ];
    }

    public static function plate(Dish $dish, int $portionMinor, Settings $settings, ?int $priceMinor = null): Plate
    {
        return Plate::of(
            $portionMinor,
            $dish->sides_minor,
            BigRational::of($dish->surcharge_pct),
            $priceMinor ?? $dish->price_minor,
            BigRational::of($settings->taxPct),
            $dish->target_cost_pct === null ? null : BigRational::of($dish->target_cost_pct),
        );
    }
}
