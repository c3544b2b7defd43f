<?php

declare(strict_types=1);

namespace App\Cost;

use App\BreakDown\KeelView;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Measure\Piece;
use App\Measure\Words;
use App\Portion\Dish;
use App\Receive\Fish;
use App\Receive\FishHead;
use App\Route\Sorting;
use Brick\Math\BigRational;
use Sectum\Cost\Cost;
use Sectum\Cost\Plate;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Percent;

/** What the cost screen shows: the walk from the invoice to the plate, each figure the sum of those above it. */
final readonly class CostBench
{
    /** @return array<string, mixed> */
    public static function of(Fish $fish, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $found = FishCost::of($fish, $settings);
        $dish = $fish->dish_id === null ? null : Dish::query()->find($fish->dish_id);
        $money = fn (?int $minor): ?string => $minor === null ? null : Money::ofMinor($minor, $settings->currency)->print();

        return [
            'fish' => FishHead::of($fish, $words),
            'keel' => KeelView::of($fish, (new Sorting($fish, $settings->scaleStep))->tree, $words),
            'missing' => $found->missing,
            'price_per_kg' => $money($fish->price_per_kg_minor),
            'delivery' => $money($fish->delivery_minor),
            'labour_minutes' => $fish->labour_minutes,
            'labour_rate' => $money($settings->labourRateMinor),
            'walk' => $found->cost === null ? [] : self::walk($fish, $found, $found->cost, $words, $money),
            'edible_per_kg' => $found->cost === null ? null : $money($found->cost->edibleCostPerKgMinor),
            'factor' => $found->cost?->costFactor === null ? null : number_format($found->cost->costFactor, 2, '.', ''),
            'portions' => $found->cost === null ? null : self::portions($found, $found->cost, $words, $money),
            'plate' => $found->cost === null || $dish === null ? null : self::plate($dish, $found->cost, $settings, $words, $money),
        ];
    }

    /**
     * @param  callable(?int): ?string  $money
     * @return list<array<string, mixed>>
     */
    private static function walk(Fish $fish, FishCost $found, Cost $cost, Words $words, callable $money): array
    {
        $whole = $fish->whole()->reading()?->mass() ?? Mass::zero();
        $lines = [
            ['kind' => 'bought', 'what' => 'Fish as bought', 'detail' => $words->text($whole).' at '.$money($fish->price_per_kg_minor).' a kilo', 'minor' => $cost->invoiceMinor - $fish->delivery_minor],
            ['kind' => 'bought', 'what' => 'Delivery', 'detail' => '', 'minor' => $fish->delivery_minor],
        ];
        foreach ($found->credited as $i => $piece) {
            $lines[] = ['kind' => 'credit', 'what' => $piece->name, 'detail' => $words->text($piece->reading()?->mass() ?? Mass::zero()).' to '.lcfirst($piece->bin?->spoken() ?? ''), 'minor' => -($cost->creditsMinor[$i] ?? 0)];
        }
        $lines[] = ['kind' => 'labour', 'what' => 'Labour', 'detail' => ($fish->labour_minutes ?? '0').' min', 'minor' => $cost->labourMinor];
        $lines[] = ['kind' => 'net', 'what' => 'Cost of the portions', 'detail' => '', 'minor' => $cost->netMinor];

        return array_map(fn (array $line): array => [...$line, 'amount' => $money($line['minor'])], array_values(array_filter($lines, fn (array $line): bool => $line['minor'] !== 0 || $line['kind'] === 'net')));
    }

    /**
     * @param  callable(?int): ?string  $money
     * @return array<string, mixed>
     */
    private static function portions(FishCost $found, Cost $cost, Words $words, callable $money): array
    {
        $each = $cost->products[0]->piecesMinor ?? [];

        return [
            'count' => count($found->portions),
            'mean' => $money(self::mean($cost)),
            'total' => $money($cost->netMinor),
            'each' => array_map(fn (Piece $piece, int $minor): array => [
                'name' => $piece->name,
                'mass' => $words->text($piece->reading()?->mass() ?? Mass::zero()),
                'amount' => $money($minor),
            ], $found->portions, $each),
        ];
    }

    private static function mean(Cost $cost): int
    {
        return Money::toMinor(BigRational::nd($cost->netMinor, max(1, count($cost->products[0]->piecesMinor ?? []))));
    }

    /**
     * @param  callable(?int): ?string  $money
     * @return array<string, mixed>
     */
    private static function plate(Dish $dish, Cost $cost, Settings $settings, Words $words, callable $money): array
    {
        $plate = Plate::of(
            self::mean($cost),
            $dish->sides_minor,
            BigRational::of($dish->surcharge_pct),
            $dish->price_minor,
            BigRational::of($settings->taxPct),
            $dish->target_cost_pct === null ? null : BigRational::of($dish->target_cost_pct),
        );
        $band = $dish->band();

        return [
            'dish' => $dish->id,
            'version' => $dish->version,
            'name' => $dish->name,
            'target' => $words->text($band->target),
            'minus' => $words->text($band->minus),
            'plus' => $words->text($band->plus),
            'sides' => $money($dish->sides_minor),
            'surcharge_pct' => (float) $dish->surcharge_pct,
            'price' => $money($dish->price_minor),
            'target_cost_pct' => $dish->target_cost_pct === null ? null : (float) $dish->target_cost_pct,
            'tax_pct' => (float) $settings->taxPct,
            'portion' => $money(self::mean($cost)),
            'cost' => $money($plate->plateCostMinor),
            'net_price' => $money($plate->netPriceMinor),
            'cost_pct' => $plate->costPct === null ? null : Percent::of($plate->costPct)->print(),
            'over_target' => $plate->costPct !== null && $dish->target_cost_pct !== null && $plate->costPct > (float) $dish->target_cost_pct,
            'contribution' => $money($plate->contributionMinor),
            'suggested_net' => $money($plate->suggestedNetMinor),
            'suggested_gross' => $money($plate->suggestedGrossMinor),
        ];
    }
}
