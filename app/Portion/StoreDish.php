<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\UnitSystem;
use Sectum\Portion\Band;

/** The head chef writes a dish down, or changes it. */
final readonly class StoreDish
{
    public function __invoke(string $id, Fields $fields, Person $person): Dish
    {
        $person->mustSeePrices();
        $currency = Settings::load()->currency;
        $mass = fn (string $name): Mass => Fault::at("/{$name}", fn (): Mass => self::massOrNothing($fields->string($name), $person->units));
        [$target, $minus, $plus] = [$mass('target'), $mass('minus'), $mass('plus')];
        Fault::at('/minus', fn (): Band => Band::of($target, $minus, $plus));
        $price = $fields->maybeString('price');
        $values = [
            'name' => trim($fields->string('name')),
            'target_mg' => $target->milligrams,
            'minus_mg' => $minus->milligrams,
            'plus_mg' => $plus->milligrams,
            'sides_minor' => Fault::at('/sides', fn (): int => Money::parse($fields->maybeString('sides') ?? '0', $currency)->minor),
            'surcharge_pct' => json_encode($fields->number('surcharge_pct', 0), JSON_THROW_ON_ERROR),
            'price_minor' => $price === null ? null : Fault::at('/price', fn (): int => self::aboveNothing(Money::parse($price, $currency))),
            'target_cost_pct' => $fields->has('target_cost_pct') ? json_encode($fields->number('target_cost_pct'), JSON_THROW_ON_ERROR) : null,
        ];

        return DB::connection()->transaction(function () use ($id, $fields, $values): Dish {
            if (Dish::query()->where('name', $values['name'])->where('id', '!=', $id)->exists()) {
                throw Fault::inField('/name', "There is already a dish called {$values['name']}.");
            }
            $dish = Dish::query()->find($id);
            if ($dish === null) {
                return Dish::query()->create(['id' => $id, 'version' => 1, ...$values]);
            }
            if ($dish->only(array_keys($values)) === $values) {
                return $dish;
            }
            if ($fields->maybeInt('version') !== $dish->version) {
                throw Fault::conflict("{$dish->name} was changed on another screen.", ['yours' => $fields->maybeInt('version'), 'current' => $dish->version]);
            }
            $dish->update([...$values, 'version' => $dish->version + 1]);

            return $dish;
        });
    }

    private static function aboveNothing(Money $price): int
    {
        return $price->minor > 0 ? $price->minor : throw Fault::inField('/price', 'A menu price is more than nothing.');
    }

    private static function massOrNothing(string $typed, UnitSystem $units): Mass
    {
        return preg_match('/^0+(\.0+)?( ?[a-z]+)?$/', trim(strtolower($typed))) === 1 ? Mass::zero() : Mass::parse($typed, $units);
    }
}
