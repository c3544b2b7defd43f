<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Catalogue\NamedSpecies;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\OrderedFish;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Receive\PriceUnit;
use Sectum\Receive\SizeGrade;

/** One line of the invoice is written down, or mended while the delivery is open. */
final readonly class StoreLine
{
    public function __construct(private NamedSpecies $species, private OrderedFish $ordered)
    {
    }

    public function __invoke(string $delivery, string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($delivery, $id, $fields, $person): void {
            $delivery = Delivery::query()->with('supplier')->findOrFail($delivery);
            $delivery->mustBeOpen();
            $known = DeliveryLine::query()->with('fish')->find($id);
            if ($known !== null && $known->delivery_id !== $delivery->id) {
                throw Fault::conflict('This line belongs to another delivery.');
            }
            $line = $this->read($fields, $person);
            if ($known !== null && $known->fish->isNotEmpty() && $known->species_id !== $line['species_id']) {
                throw Fault::inField(
                    '/species',
                    'Fish of this line have been weighed: take them back first, or write another line.',
                );
            }
            $known === null
                ? DeliveryLine::query()->create([
                    'id' => $id,
                    'delivery_id' => $delivery->id,
                    'place' => 1 + DeliveryLine::query()->where('delivery_id', $delivery->id)->count(),
                    ...$line,
                ])
                : $known->fill($line)->save();
            if ($known !== null) {
                self::repriced($known->refresh());
            }
            $this->ordered->came($delivery, is_string($line['species_id']) ? $line['species_id'] : '');
            $delivery->changed();
        });
    }

    /**
     * @return array<string, mixed> the columns of a line
     *
     * @throws Fault where the fault stands
     */
    public function read(Fields $fields, Person $person): array
    {
        $unit = PriceUnit::from($fields->maybeString('price_unit') ?? PriceUnit::Kilo->value);
        $price = $fields->maybeString('price');
        if ($price !== null) {
            $person->mustSeePrices();
            if ($unit === PriceUnit::Each && $fields->maybeInt('count') === null) {
                throw Fault::inField('/count', 'A price for each fish needs their count.');
            }
        }
        $grade = self::grade($fields->maybeString('grade'));
        $line = [
            'species_id' => $this->species->of($fields)->id,
            'state' => StateBought::from($fields->string('state')),
            'count' => $fields->maybeInt('count'),
            'boxes' => $fields->maybeInt('boxes'),
            'invoiced_mg' => self::mass($fields->maybeString('invoiced'), $person)?->milligrams,
            'price_unit' => $unit,
            'grade_from_g' => $grade?->fromGrams,
            'grade_to_g' => $grade?->toGrams,
        ];
        foreach (DeliveryLine::TRACE as $trace) {
            $line[$trace] = $fields->maybeString($trace);
        }

        // Whoever sees no prices leaves the one that stands there alone.
        return $person->seesPrices()
            ? [...$line, 'price_minor' => $price === null ? null : self::price($price)]
            : $line;
    }

    private static function mass(?string $typed, Person $person): ?Mass
    {
        if ($typed === null || trim($typed) === '') {
            return null;
        }

        return Fault::at('/invoiced', fn (): Mass => Mass::parse($typed, $person->units));
    }

    private static function price(string $typed): string
    {
        return Fault::at('/price', fn (): string => (string) Money::parse($typed, Settings::load()->currency)->minor);
    }

    private static function grade(?string $typed): ?SizeGrade
    {
        return $typed === null || trim($typed) === '' ? null : SizeGrade::parse($typed);
    }

    /** Fish that were weighed before the price was mended cost what the line says now. */
    private static function repriced(DeliveryLine $line): void
    {
        foreach (
            $line
                ->fish()
                ->with(['pieces.readings.void'])
                ->get() as $fish
        ) {
            $fish->update([
                'price_per_kg_minor' => WeighIn::pricePerKilo($line, $fish->mass(), $fish->count),
                'state' => $line->state,
            ]);
        }
    }
}
