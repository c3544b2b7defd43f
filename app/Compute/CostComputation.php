<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Cost\Cost;
use Sectum\Cost\Credit;
use Sectum\Cost\Product;
use Sectum\Cost\ProductCost;
use Sectum\Cost\Purchase;
use Sectum\Cost\Split;
use Sectum\Measure\Mass;

/** `cost`: from the invoice to each portion. */
final readonly class CostComputation implements Computation
{
    public static function name(): string
    {
        return 'cost';
    }

    public function answer(Fields $request): array
    {
        $cost = Cost::of(
            new Purchase(
                Mass::ofGrams($request->number('mass_g')),
                Minor::perKg($request->int('price_per_kg_minor')),
                Minor::of($request->int('delivery_minor', 0)),
                Exact::number($request->number('labour_minutes', 0)),
                Minor::of($request->int('labour_rate_per_hour_minor', 0)),
            ),
            array_map(
                fn (Fields $credit): Credit => Credit::at(
                    Mass::ofGrams($credit->number('mass_g')),
                    Minor::perKg($credit->int('value_per_kg_minor')),
                ),
                $request->list('credits'),
            ),
            array_map(self::product(...), $request->list('products'), array_keys($request->list('products'))),
            Split::from($request->maybeString('split') ?? Split::ByWeight->value),
        );

        return [
            'invoice_minor' => $cost->invoice->minor,
            'credits_minor' => Minor::each($cost->credits),
            'labour_minor' => $cost->labour->minor,
            'net_minor' => $cost->net->minor,
            'edible_cost_per_kg_minor' => $cost->edible->perKg->minor,
            'cost_factor' => $cost->costFactor,
            'products' => array_map(
                fn (ProductCost $product): array => [
                    'id' => $product->id,
                    'total_minor' => $product->total->minor,
                    'pieces_minor' => Minor::each($product->pieces),
                ],
                $cost->products,
            ),
        ];
    }

    private static function product(Fields $product, int $place): Product
    {
        $pieces = array_map(Mass::ofGrams(...), array_values($product->numbers('pieces_g')));
        $mass = Mass::ofGrams($product->number('mass_g'));
        $together = array_sum(array_map(fn (Mass $piece): int => $piece->milligrams, $pieces));
        if ($pieces !== [] && $together !== $mass->milligrams) {
            throw Fault::inField(
                "/products/{$place}/pieces_g",
                'The pieces weigh '.
                    Mass::ofMilligrams($together)->print().
                    ' together, the product '.
                    $mass->print().
                    '.',
            );
        }

        return new Product(
            $product->string('id'),
            $mass,
            $pieces !== [] ? $pieces : max(1, $product->int('pieces', 1)),
            Exact::number($product->number('relative_value', 1)),
        );
    }
}
