<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\Fields;
use Illuminate\Support\Facades\DB;

/** The first run: a kitchen gets its name and its head chef. */
final readonly class SetUpKitchen
{
    public function __invoke(Fields $fields): Person
    {
        return DB::connection()->transaction(function () use ($fields): Person {
            if (Person::query()->exists()) {
                throw Fault::conflict('This kitchen already has its head chef.');
            }
            Settings::store(['kitchen' => trim($fields->string('kitchen')), 'currency' => $fields->string('currency')]);

            return Person::query()->create([
                'name' => trim($fields->string('name')),
                'role' => Role::HeadChef,
                'units' => $fields->string('units'),
                'pin_hash' => Pin::hash($fields->string('pin')),
            ]);
        });
    }
}
