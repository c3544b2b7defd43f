<?php

declare(strict_types=1);

namespace App\Route\Recipes;

use App\Kitchen\Record;
use Sectum\Fish\Allergen;
use Sectum\Fish\Bin;
use Sectum\Route\Batches\BadRecipe;
use Sectum\Route\Batches\Ingredient;
use Sectum\Route\Batches\Mark;

/**
 * How the house makes something of what lies in a bin.
 *
 * @property string $id
 * @property string $name
 * @property Bin $bin
 * @property bool $one_kind of one kind of fish only
 * @property bool $litres measured in litres; else in kilos
 * @property list<array{name: string, per_kg: float|int, poured: bool, allergens?: list<string>}> $ingredients
 * @property list<array{minute: int, doing: string, why: string}> $marks
 * @property float $yield_per_kg
 * @property float $yield_sd
 * @property int $minutes
 * @property int $value_minor of a litre or a kilo
 * @property int $days_kept counting the day it is made
 * @property bool $hot it is cooled after, with a record
 * @property bool $raw eaten without being cooked through
 * @property string $caution
 * @property string $source
 * @property int $version
 * @property string|null $retired_at
 */
final class Recipe extends Record
{
    protected $table = 'recipes';

    public function unit(): string
    {
        return $this->litres ? 'L' : 'kg';
    }

    /** @throws BadRecipe when it cannot be made */
    public function recipe(): \Sectum\Route\Batches\Recipe
    {
        return \Sectum\Route\Batches\Recipe::of(
            $this->name,
            $this->litres,
            array_map(
                fn (array $one): Ingredient => new Ingredient(
                    $one['name'],
                    (float) $one['per_kg'],
                    $one['poured'],
                    array_map(Allergen::from(...), $one['allergens'] ?? []),
                ),
                $this->ingredients,
            ),
            $this->yield_per_kg,
            $this->yield_sd,
            $this->minutes,
            array_map(fn (array $one): Mark => new Mark($one['minute'], $one['doing'], $one['why']), $this->marks),
        );
    }

    /** @return array<string, mixed> all a batch has to remember of it */
    public function remembered(): array
    {
        return $this->only([
            'id',
            'name',
            'bin',
            'one_kind',
            'litres',
            'ingredients',
            'marks',
            'yield_per_kg',
            'yield_sd',
            'minutes',
            'value_minor',
            'days_kept',
            'hot',
            'raw',
            'caution',
            'source',
            'version',
        ]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'bin' => Bin::class,
            'one_kind' => 'boolean',
            'litres' => 'boolean',
            'ingredients' => 'array',
            'marks' => 'array',
            'yield_per_kg' => 'float',
            'yield_sd' => 'float',
            'hot' => 'boolean',
            'raw' => 'boolean',
        ];
    }
}
