<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Language\Language;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;

/** The first run: a kitchen gets its name and its head chef. */
final readonly class SetUpKitchen
{
    public function __invoke(Fields $fields): Person
    {
        $pin = $fields->string('pin');
        Pin::mustNotBeObvious($pin);
        $values = ['currency' => $fields->string('currency')];
        if ($fields->has('timezone')) {
            in_array($fields->string('timezone'), DateTimeZone::listIdentifiers(), true) ||
                throw Fault::inField('/timezone', 'Choose a time zone of the list, like Europe/London.');
            $values['timezone'] = $fields->string('timezone');
        }
        if ($fields->has('day_ends')) {
            $values['day_ends'] = (string) $fields->int('day_ends');
        }
        $units = UnitSystem::from($fields->string('units'));
        foreach (['scale_step' => 'scale_step_mg', 'scale_most' => 'scale_most_mg'] as $field => $key) {
            if ($fields->has($field)) {
                $values[$key] = (string) Fault::at(
                    "/{$field}",
                    fn (): int => Mass::parse($fields->string($field), $units)->milligrams,
                );
            }
        }

        return DB::connection()->transaction(function () use ($fields, $pin, $values): Person {
            if (Person::query()->exists()) {
                throw Fault::conflict('This kitchen already has its head chef.');
            }
            Settings::store(['kitchen' => trim($fields->string('kitchen')), ...$values], null);

            return Person::query()->create([
                'name' => trim($fields->string('name')),
                'role' => Role::HeadChef,
                'units' => $fields->string('units'),
                // Whoever sets the kitchen up goes on in the language it was set up in.
                'language' => Language::of(request()),
                'pin_hash' => Pin::hash($pin),
            ]);
        });
    }
}
