<?php

declare(strict_types=1);

namespace App\Route\Recipes;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Money;

/** The head chef writes a recipe down, changes it, or takes it off the list. */
final readonly class StoreRecipe
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustSeePrices();
        $values = [
            'name' => trim($fields->string('name')),
            'bin' => $fields->string('bin'),
            'one_kind' => $fields->bool('one_kind'),
            'litres' => $fields->bool('litres'),
            'ingredients' => array_map(
                fn (Fields $one): array => [
                    'name' => trim($one->string('name')),
                    'per_kg' => $one->number('per_kg'),
                    'poured' => $one->bool('poured'),
                    'allergens' => $one->has('allergens') ? $one->strings('allergens') : [],
                ],
                $fields->list('ingredients'),
            ),
            'marks' => array_map(
                fn (Fields $one): array => [
                    'minute' => $one->int('minute'),
                    'doing' => trim($one->string('doing')),
                    'why' => trim($one->maybeString('why') ?? ''),
                ],
                $fields->list('marks'),
            ),
            'yield_per_kg' => $fields->number('yield_per_kg'),
            'yield_sd' => $fields->number('yield_sd', 0),
            'minutes' => $fields->int('minutes'),
            'value_minor' => Fault::at(
                '/value',
                fn (): int => Money::parse($fields->string('value'), Settings::load()->currency)->minor,
            ),
            'days_kept' => $fields->int('days_kept'),
            'hot' => $fields->bool('hot'),
            'raw' => in_array($fields->string('bin'), ['tartare', 'cure'], true),
            'caution' => trim($fields->maybeString('caution') ?? ''),
            'source' => 'house',
        ];
        Fault::within('', fn () => (new Recipe($values))->recipe());
        DB::connection()->transaction(function () use ($id, $fields, $values): void {
            ! Recipe::query()->where('name', $values['name'])->where('id', '!=', $id)->exists() ||
                throw Fault::inField('/name', "There is already a recipe called {$values['name']}.");
            $recipe = Recipe::query()->find($id);
            if ($recipe === null) {
                Recipe::query()->create(['id' => $id, 'version' => 1, ...$values]);

                return;
            }
            $recipe->fill($values);
            if ($recipe->isDirty()) {
                $fields->maybeInt('version') === $recipe->version ||
                    throw Fault::conflict("{$recipe->name} was changed on another screen.", [
                        'yours' => $fields->maybeInt('version'),
                        'current' => $recipe->version,
                    ]);
                $recipe->version++;
                $recipe->save();
            }
        });
    }

    public function retire(string $id, int $version, Person $person): void
    {
        $person->mustBeHeadChef();
        DB::connection()->transaction(function () use ($id, $version): void {
            $recipe = Recipe::query()->findOrFail($id);
            if ($recipe->retired_at === null) {
                $version === $recipe->version ||
                    throw Fault::conflict("{$recipe->name} was changed on another screen.", [
                        'yours' => $version,
                        'current' => $recipe->version,
                    ]);
                $recipe->update([
                    'retired_at' => Moment::written($this->clock->now()),
                    'version' => $recipe->version + 1,
                ]);
            }
        });
    }
}
