<?php

declare(strict_types=1);

namespace App\Portion\Servings;

use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use App\Portion\Tray\ReadyPortions;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;
use Sectum\Portion\Cuts\Grouping;
use Sectum\Portion\Cuts\Pairing;

/** Dishes of several pieces: which lie loose, how they would best go together, and which are put together. */
final readonly class ServingsView
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $of = [];
        foreach (ReadyPortions::of($this->clock->now()) as $ready) {
            if ($ready->dish->per_plate > 1) {
                $of[$ready->dish->id][] = $ready;
            }
        }
        $asked = Dish::onTheList()->filter(fn (Dish $dish): bool => $dish->per_plate > 1 || isset($of[$dish->id]));

        return [
            'dishes' => array_map(
                fn (Dish $dish): array => self::dish($dish, $of[$dish->id] ?? [], $words),
                array_values($asked->all()),
            ),
        ];
    }

    /**
     * @param  list<ReadyPortions>  $ready
     * @return Answer
     */
    private static function dish(Dish $dish, array $ready, Words $words): array
    {
        $band = $dish->band();
        $loose = array_values(array_filter($ready, fn (ReadyPortions $one): bool => $one->piece->serving_id === null));
        $servings = [];
        foreach ($ready as $one) {
            if ($one->piece->serving_id !== null) {
                $servings[$one->piece->serving_id][] = $one;
            }
        }
        $considered = array_slice($loose, 0, Pairing::MOST);
        $grouping = Grouping::of(
            array_map(fn (ReadyPortions $one): float => self::mass($one)->grams(), $considered),
            $band->target->grams(),
            $band->minus->grams(),
            $band->plus->grams(),
            $dish->per_plate,
        );

        return [
            'dish' => $dish->id,
            'name' => $dish->name,
            'per_plate' => $dish->per_plate,
            'target' => $words->text($band->target),
            'least' => $words->text($band->target->minus($band->minus)),
            'most' => $words->text($band->target->plus($band->plus)),
            'loose' => array_map(fn (ReadyPortions $one): array => self::piece($one, $dish, $words), $loose),
            'proposed' => array_map(
                fn (array $group): array => self::plate(
                    array_map(fn (int $place): ReadyPortions => $considered[$place], $group),
                    $dish,
                    $words,
                ),
                $grouping->groups,
            ),
            'left' => array_map(
                fn (int $place): array => self::piece($considered[$place], $dish, $words),
                $grouping->left,
            ),
            'bound' => $grouping->bound,
            'servings' => array_map(
                fn (string $id, array $on): array => ['id' => $id, ...self::plate($on, $dish, $words)],
                array_map(strval(...), array_keys($servings)),
                $servings,
            ),
        ];
    }

    /**
     * @param  array<ReadyPortions>  $on
     * @return Answer
     */
    private static function plate(array $on, Dish $dish, Words $words): array
    {
        $sum = Mass::sum(array_values(array_map(self::mass(...), $on)));

        return [
            'pieces' => array_map(
                fn (ReadyPortions $one): array => self::piece($one, $dish, $words),
                array_values($on),
            ),
            'mass' => $words->mass($sum),
            'off' => $words->off($sum->minus($dish->band()->target)),
        ];
    }

    /** @return Answer */
    private static function piece(ReadyPortions $one, Dish $dish, Words $words): array
    {
        return [
            'piece' => $one->piece->id,
            'name' => $one->piece->name,
            'fish' => $one->fish->title(),
            'mass' => $words->mass(self::mass($one)),
            'placed' => $dish->each()->place(self::mass($one))->value,
        ];
    }

    private static function mass(ReadyPortions $one): Mass
    {
        return $one->piece->reading()?->mass() ?? Mass::zero();
    }
}
