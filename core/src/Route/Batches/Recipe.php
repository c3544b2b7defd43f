<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Fish\Allergen;

/** How something is made of what lies in the bins. Amounts are per kilo of fish that goes in. */
final readonly class Recipe
{
    /**
     * @param  list<Ingredient>  $ingredients
     * @param  list<Mark>  $marks  in the order in which they come
     */
    private function __construct(
        public string $name,
        public bool $litres,
        public array $ingredients,
        public float $yieldPerKg,
        public float $yieldSd,
        public int $minutes,
        public array $marks,
    ) {
    }

    /**
     * @param  bool  $litres  whether it is measured in litres; else in kilos
     * @param  list<Ingredient>  $ingredients
     * @param  float  $yieldPerKg  litres or kilos a kilo of fish gives, above 0
     * @param  float  $yieldSd  how far that varies from batch to batch, 0 or more
     * @param  int  $minutes  from the pot on to the pot off, 0 to 4320
     * @param  list<Mark>  $marks
     *
     * @throws BadRecipe when its parts sum to nothing, are negative, or would give more than went in
     */
    public static function of(
        string $name,
        bool $litres,
        array $ingredients,
        float $yieldPerKg,
        float $yieldSd,
        int $minutes,
        array $marks,
    ): self {
        $all = 1.0;
        foreach ($ingredients as $i => $one) {
            ($one->perKg >= 0 && $one->perKg <= 20_000) ||
                throw new BadRecipe(
                    "{$one->name}: from 0 to 20 kg, or 20 L, for a kilo of fish.",
                    $one->perKg,
                    "/ingredients/{$i}",
                );
            $all += $one->perKg / 1000;
        }
        $yieldPerKg > 0 ||
            throw new BadRecipe(
                "{$name} gives nothing: enter how much a kilo of fish makes.",
                $yieldPerKg,
                '/yield_per_kg',
            );
        $yieldPerKg <= $all + 1e-9 ||
            throw new BadRecipe(
                sprintf(
                    'A kilo of fish and what goes in with it are %s kg together; they cannot make %s.',
                    self::figure($all),
                    self::figure($yieldPerKg),
                ),
                $yieldPerKg,
                '/yield_per_kg',
            );
        ($yieldSd >= 0 && $yieldSd <= $yieldPerKg) ||
            throw new BadRecipe('The yield varies by 0 up to the yield itself.', $yieldSd, '/yield_sd');
        ($minutes >= 0 && $minutes <= 4320) ||
            throw new BadRecipe('A batch takes from 0 minutes to three days.', $minutes, '/minutes');
        usort($marks, fn (Mark $a, Mark $b): int => $a->minute <=> $b->minute);
        foreach ($marks as $i => $mark) {
            ($mark->minute >= 0 && $mark->minute <= $minutes) ||
                throw new BadRecipe(
                    "\"{$mark->doing}\" comes at minute {$mark->minute}, but the batch is done after {$minutes}.",
                    $mark->minute,
                    "/marks/{$i}",
                );
        }

        return new self($name, $litres, $ingredients, $yieldPerKg, $yieldSd, $minutes, $marks);
    }

    /**
     * Fish, and whatever else its ingredients carry; each once, in the order of the list.
     *
     * @param  list<Allergen>  $more  of batches that go into it
     * @return non-empty-list<Allergen>
     */
    public function allergens(array $more = []): array
    {
        $all = Allergen::listed([
            Allergen::Fish,
            ...array_merge(...array_map(fn (Ingredient $one): array => $one->allergens, $this->ingredients)),
            ...$more,
        ]);

        return $all === [] ? [Allergen::Fish] : $all;
    }

    private static function figure(float $amount): string
    {
        return rtrim(rtrim(number_format($amount, 2, '.', ''), '0'), '.');
    }
}
