<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use DateTimeImmutable;
use Sectum\Math\Normal;
use Sectum\Measure\Mass;

/** A recipe for the fish in hand: what goes in, which pots hold it, what comes out and when to do what. */
final readonly class BatchPlan
{
    /** A pot is filled so far that it can be skimmed. */
    public const FULL = 0.85;

    /** Nine batches in ten give between the two ends. */
    private const SPREAD = 0.95;

    /** Room a kilo of bones takes under the water, litres: our estimate. */
    private const LITRES_PER_KG = 0.9;

    /**
     * @param  list<Amount>  $amounts
     * @param  float  $wentIn  kilos, or litres, of everything that goes in
     * @param  float  $volume  litres in the pots at the start
     * @param  list<FilledPot>  $pots  those used
     * @param  float  $over  litres that no pot holds
     * @param  float  $expected  litres or kilos
     * @param  list<DueMark>  $line
     */
    private function __construct(
        public array $amounts,
        public float $wentIn,
        public float $volume,
        public array $pots,
        public float $over,
        public float $low,
        public float $expected,
        public float $high,
        public array $line,
    ) {
    }

    /**
     * @param  Mass  $fish  above zero
     * @param  list<float>  $potLitres  the kitchen's free pots, each above 0; none when it needs no pot
     *
     * @throws BadRecipe when there is no fish or a pot that holds nothing
     */
    public static function of(Recipe $recipe, Mass $fish, array $potLitres, DateTimeImmutable $start): self
    {
        $fish->isPositive() || throw new BadRecipe('There is nothing to make it of.', $fish->milligrams, '/mass');
        foreach ($potLitres as $i => $litres) {
            ($litres > 0 && $litres <= 500) ||
                throw new BadRecipe('A pot holds more than nothing and at most 500 L.', $litres, "/pots/{$i}");
        }
        $kg = $fish->grams() / 1000;
        $amounts = array_map(
            fn (Ingredient $one): Amount => new Amount($one->name, $one->perKg * $kg, $one->poured),
            $recipe->ingredients,
        );
        $beside = array_sum(array_map(fn (Amount $one): float => $one->amount, $amounts)) / 1000;
        $volume = self::LITRES_PER_KG * $kg + $beside;
        $pots = self::fill($volume, array_map(floatval(...), $potLitres));
        $z = Normal::quantile(self::SPREAD);
        $expected = $recipe->yieldPerKg * $kg;

        return new self(
            $amounts,
            $kg + $beside,
            $volume,
            $pots,
            $pots === [] ? 0.0 : max(0.0, $volume - array_sum(array_map(fn (FilledPot $pot) => $pot->filled, $pots))),
            max(0.0, $expected - $z * $recipe->yieldSd * $kg),
            $expected,
            $expected + $z * $recipe->yieldSd * $kg,
            array_map(
                fn (Mark $mark): DueMark => new DueMark(
                    $start->modify("+{$mark->minute} minutes"),
                    $mark->minute,
                    $mark->doing,
                    $mark->why,
                ),
                $recipe->marks,
            ),
        );
    }

    /**
     * The smallest pot that holds it all; else the largest ones, as few as need be.
     *
     * @param  list<float>  $litres
     * @return list<FilledPot>
     */
    private static function fill(float $volume, array $litres): array
    {
        sort($litres);
        $pots = [];
        while ($volume > 1e-9 && $litres !== []) {
            $fits = array_values(array_filter($litres, fn (float $pot): bool => self::FULL * $pot >= $volume));
            $pot = $fits[0] ?? $litres[count($litres) - 1];
            array_splice($litres, (int) array_search($pot, $litres, true), 1);
            $filled = min($volume, self::FULL * $pot);
            $pots[] = new FilledPot($pot, $filled);
            $volume -= $filled;
        }

        return $pots;
    }
}
