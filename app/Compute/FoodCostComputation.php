<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use Sectum\Cost\FoodCost;
use Sectum\Cost\FoodCostLine;

/** `food-cost`: what did the fish of a period cost, and what should it have? */
final readonly class FoodCostComputation implements Computation
{
    public static function name(): string
    {
        return 'food-cost';
    }

    public function answer(Fields $request): array
    {
        $lines = $request->list('lines');
        $costs = array_map(fn (Fields $line): FoodCost => FoodCost::of(self::line($line)), $lines);

        return [
            'lines' => array_map(
                fn (Fields $line, FoodCost $cost): array => ['id' => $line->string('id'), ...self::told($cost)],
                $lines,
                $costs,
            ),
            'total' => self::told(FoodCost::total(
                $costs,
                array_map(fn (Fields $line): int => $line->int('net_sales_minor', 0), $lines),
            )),
        ];
    }

    private static function line(Fields $line): FoodCostLine
    {
        return new FoodCostLine(
            array_map(
                fn (Fields $one): array => [
                    $one->int('count'),
                    Exact::number($one->number('served_g')),
                    Exact::number($one->number('target_g')),
                ],
                $line->list('portions'),
            ),
            Exact::number($line->number('waste_g', 0)),
            Exact::number($line->number('unaccounted_g', 0)),
            Exact::number($line->number('yield_pct')),
            Exact::number($line->number('standard_yield_pct')),
            $line->int('price_per_kg_minor'),
            $line->int('standard_price_per_kg_minor'),
            $line->int('net_sales_minor', 0),
        );
    }

    /** @return Answer */
    private static function told(FoodCost $cost): array
    {
        return [
            'actual_minor' => $cost->actual,
            'standard_minor' => $cost->standard,
            'price_minor' => $cost->price,
            'yield_minor' => $cost->yield,
            'portion_minor' => $cost->portion,
            'waste_minor' => $cost->waste,
            'unaccounted_minor' => $cost->unaccounted,
            'actual_pct' => $cost->actualPct,
            'standard_pct' => $cost->standardPct,
        ];
    }
}
