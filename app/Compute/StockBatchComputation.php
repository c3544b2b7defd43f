<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fields;
use DateTimeImmutable;
use Sectum\Measure\Mass;
use Sectum\Route\Batches\Amount;
use Sectum\Route\Batches\BatchPlan;
use Sectum\Route\Batches\DueMark;
use Sectum\Route\Batches\FilledPot;
use Sectum\Route\Batches\Ingredient;
use Sectum\Route\Batches\Mark;
use Sectum\Route\Batches\Recipe;

/** `stock-batch`: from the bones in hand to the pots, the litres and the time line. */
final readonly class StockBatchComputation implements Computation
{
    public static function name(): string
    {
        return 'stock-batch';
    }

    public function answer(Fields $request): array
    {
        $recipe = Recipe::of(
            'Stock',
            true,
            array_map(
                fn (Fields $one): Ingredient => new Ingredient(
                    $one->string('name'),
                    $one->number('per_kg'),
                    $one->bool('poured'),
                ),
                $request->list('ingredients'),
            ),
            $request->number('yield_per_kg'),
            $request->number('yield_sd', 0),
            $request->int('minutes', 40),
            array_map(
                fn (Fields $one): Mark => new Mark($one->int('minute'), $one->string('doing'), ''),
                $request->list('marks'),
            ),
        );
        $start = new DateTimeImmutable('2000-01-01');
        $plan = BatchPlan::of(
            $recipe,
            Mass::ofGrams($request->number('bones_g')),
            $request->numberList('pots_l'),
            $start,
        );

        return [
            'ingredients' => array_map(
                fn (Amount $one): array => ['name' => $one->name, 'amount' => $one->amount, 'poured' => $one->poured],
                $plan->amounts,
            ),
            'volume_l' => $plan->volume,
            'pots' => array_map(
                fn (FilledPot $pot): array => ['pot_l' => $pot->litres, 'filled_l' => $pot->filled],
                $plan->pots,
            ),
            'over_l' => $plan->over,
            'litres' => ['low' => $plan->low, 'expected' => $plan->expected, 'high' => $plan->high],
            'line' => array_map(
                fn (DueMark $mark): array => ['minute' => $mark->minute, 'doing' => $mark->doing],
                $plan->line,
            ),
        ];
    }
}
