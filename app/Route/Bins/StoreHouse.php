<?php

declare(strict_types=1);

namespace App\Route\Bins;

use App\Catalogue\HouseBin;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** How this house routes: its ways, its pots, and what each bin is worth, holds and keeps. */
final readonly class StoreHouse
{
    private const WAYS = ['keeps_dark_muscle', 'skins_in_stock', 'grills_heads', 'boils_collars'];

    public function ways(Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef();
        $values = [];
        foreach (self::WAYS as $way) {
            if ($fields->named($way)) {
                $values[$way] = $fields->bool($way) ? '1' : '0';
            }
        }
        if ($fields->named('pots')) {
            $values['pots_l'] = implode(' ', array_map(strval(...), $fields->numberList('pots')));
        }
        DB::connection()->transaction(fn () => Settings::store($values, $person));
    }

    public function bin(Bin $bin, Fields $fields, Person $person): void
    {
        $person->mustSeePrices();
        $mass = fn (string $name): ?int => $fields->has($name)
            ? Fault::at("/{$name}", fn (): int => Mass::parse($fields->string($name), $person->units)->milligrams)
            : null;
        $values = [
            'value_per_kg_minor' => Fault::at(
                '/value',
                fn (): int => Money::parse($fields->string('value'), Settings::load()->currency)->minor,
            ),
            'room_mg' => $mass('room'),
            'batch_mg' => $mass('enough'),
            'days_cold' => $fields->int('days_cold'),
            'days_frozen' => $fields->int('days_frozen'),
            'source' => 'house',
        ];
        DB::connection()->transaction(function () use ($bin, $fields, $values): void {
            $house = HouseBin::of($bin);
            $house->fill($values);
            if ($house->isDirty()) {
                $fields->int('version') === $house->version ||
                    throw Fault::conflict("{$bin->spoken()} was changed on another screen.", [
                        'yours' => $fields->int('version'),
                        'current' => $house->version,
                    ]);
                $house->version++;
                $house->save();
            }
        });
    }
}
