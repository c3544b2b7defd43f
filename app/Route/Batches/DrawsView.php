<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Route\Recipes\Recipe;
use DateTimeImmutable;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Volume;
use Sectum\Route\Batches\DrawnFor;

/** What was drawn from a batch, and which batches go before it. */
final readonly class DrawsView
{
    /**
     * @param  callable(Money): ?string  $money
     * @return list<Answer> last first; what was taken back again stands no more
     */
    public static function of(FoodBatch $making, Words $words, callable $money): array
    {
        $undone = $making->draws->pluck('undoes')->filter()->all();
        $dishes = Dish::known()->pluck('name', 'id');
        $numbers = FoodBatch::query()
            ->whereKey($making->draws->pluck('into_id')->filter()->all())
            ->get(['id', 'number', 'recipe'])
            ->keyBy('id');
        $lines = [];
        foreach ($making->draws->reverse() as $one) {
            if ($one->undoes === null && ! in_array($one->act, $undone, true)) {
                $into = $numbers->get($one->into_id ?? '');
                $dish = $dishes[$one->dish_id] ?? null;
                $lines[] = [
                    'act' => $one->act,
                    'amount' => self::amount($making->asMade(), $one->milli, $words),
                    'for' => $one->how->value,
                    'what' => match ($one->how) {
                        DrawnFor::Dish => is_string($dish) ? $dish : '',
                        DrawnFor::Staff => '',
                        DrawnFor::Batch => $into === null ? '' : "{$into->number}, {$into->asMade()->name}",
                    },
                    'money' => $money(Settings::load()->money($one->minor)),
                    'by' => $one->person->name,
                    'at' => Moment::at($one->drawn_at)->format('D j M, H:i'),
                ];
            }
        }

        return $lines;
    }

    /** @return list<Answer> batches of the same recipe that end before this one, with what is left: they go first */
    public static function earlier(FoodBatch $making, DateTimeImmutable $today, Words $words): array
    {
        $others = FoodBatch::measured($making->recipe_id)
            ->where('id', '!=', $making->id)
            ->where('use_by', '>=', $today->format('Y-m-d'))
            ->where('use_by', '<=', $making->use_by)
            ->orderBy('use_by')
            ->orderBy('id')
            ->get()
            ->filter(
                fn (FoodBatch $one): bool => [$one->use_by, $one->id] < [$making->use_by, $making->id] &&
                    $one->standing()->leftMilli() > 0,
            );

        return array_values(
            $others
                ->map(
                    fn (FoodBatch $one): array => [
                        'id' => $one->id,
                        'number' => $one->number,
                        'left' => self::amount($one->asMade(), $one->standing()->leftMilli(), $words),
                    ],
                )
                ->all(),
        );
    }

    /** Thousandths of a litre or a kilo, in the reader's units. */
    public static function amount(Recipe $recipe, int $milli, Words $words): string
    {
        return $recipe->litres
            ? Volume::ofLitres($milli / 1000)->print($words->units)
            : $words->text(Mass::ofGrams($milli));
    }
}
