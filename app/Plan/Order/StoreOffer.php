<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Supplier;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Plan\Order\Offer;

/** What a supplier offers is listed, changed, or no longer offered. */
final readonly class StoreOffer
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef lists the offers.');
        $settings = Settings::load();
        $species = Species::query()->find($fields->string('species')) ??
            throw Fault::inField('/species', 'There is no such fish in the catalogue.');
        $state = StateBought::from($fields->string('state'));
        in_array($state, $species->form->states(), true) ||
            throw Fault::inField('/state', "{$species->name} is not sold so.");
        $grams = fn (string $which): int => Fault::at(
            "/{$which}",
            fn (): int => (int) round(Mass::parse($fields->string($which), $person->units)->grams()),
        );
        $what = [
            'species_id' => $species->id,
            'state' => $state,
            'from_g' => $grams('from'),
            'to_g' => $grams('to'),
            'price_per_kg_minor' => Fault::at(
                '/price_per_kg',
                fn (): int => Money::parse($fields->string('price_per_kg'), $settings->currency)->minor,
            ),
            'box' => $fields->int('box', 1),
            'available' => $fields->maybeInt('available'),
            'order_by' => $fields->maybeString('order_by') ?? '',
        ];
        $what['from_g'] <= $what['to_g'] ||
            throw Fault::inField('/to', 'The heaviest of a grade is not lighter than its lightest.');
        Fault::within('', fn (): Offer => new Offer(
            $id,
            $what['from_g'],
            $what['to_g'],
            $settings->perKg($what['price_per_kg_minor']),
            50.0,
            0.0,
            0.0,
            $what['box'],
            $what['available'] ?? Offer::USUALLY,
        ));
        $supplier = trim($fields->string('supplier'));
        $supplier !== '' || throw Fault::inField('/supplier', 'Name the supplier.');
        DB::connection()->transaction(function () use ($id, $fields, $person, $what, $supplier): void {
            $offer = ListedOffer::query()->find($id) ?? new ListedOffer(['id' => $id]);
            $now = Moment::written($this->clock->now());
            $offer->fill([
                ...$what,
                'supplier_id' => Supplier::query()->firstOrCreate(['name' => $supplier])->id,
                'retired_at' => $fields->has('retired') && $fields->bool('retired') ? $offer->retired_at ?? $now : null,
            ]);
            if ($offer->exists && ! $offer->isDirty()) {
                return;
            }
            if ($offer->exists) {
                Fault::unlessLatest('This offer', $fields->int('version', 0), $offer->version);
            }
            $offer->version = $offer->exists ? $offer->version + 1 : 1;
            $offer->listed_by = $person->id;
            $offer->listed_at = $now;
            $offer->save();
        });
    }
}
