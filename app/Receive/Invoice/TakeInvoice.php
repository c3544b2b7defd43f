<?php

declare(strict_types=1);

namespace App\Receive\Invoice;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Receive\Delivery\StoreDelivery;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sectum\Fish\StateBought;
use Sectum\Receive\BadGrade;
use Sectum\Receive\Invoice\Row;
use Sectum\Receive\SizeGrade;

/** Takes a supplier's file over as a delivery: every row, or none. The kitchen's map for this supplier is kept. */
final readonly class TakeInvoice
{
    public function __construct(private ReadInvoice $read, private StoreDelivery $store)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustSeePrices();
        $file = ($this->read)($fields);
        $currency = Settings::load()->currency;
        $leftOut = array_map(intval(...), $fields->numbers('leave_out'));
        $faults = [];
        foreach ($file->invoice->faults as $fault) {
            $faults['/file'] ??= $fault;
        }
        if ($file->invoice->currency !== null && $file->invoice->currency !== $currency->code) {
            $faults['/file'] ??= "It is in {$file->invoice->currency}, this kitchen counts in {$currency->code}.";
        }
        foreach ($file->invoice->rows as $i => $row) {
            if (! in_array($row->place, $leftOut, true) && $file->faults($i, $currency) !== []) {
                $faults["/rows/{$i}"] = "Line {$row->place}: ".implode(' ', $file->faults($i, $currency));
            }
        }
        if ($faults !== []) {
            throw Fault::inFields($faults);
        }
        DB::connection()->transaction(function () use ($id, $fields, $person, $file, $leftOut, $currency): void {
            if (Delivery::query()->whereKey($id)->exists()) {
                return;
            }
            $delivery = $this->store->store($id, $fields, $person);
            $place = 0;
            foreach ($file->invoice->rows as $i => $row) {
                $species = $file->species[$i] ?? null;
                if ($species === null || in_array($row->place, $leftOut, true)) {
                    continue;
                }
                $grade = self::grade($row);
                DeliveryLine::query()->create([
                    'id' => (string) Str::ulid(),
                    'delivery_id' => $delivery->id,
                    'place' => ++$place,
                    'species_id' => $species->id,
                    'state' => StateBought::tryFrom($fields->maybeString('state') ?? '') ?? $species->usual_state,
                    'count' => $row->count,
                    'boxes' => $row->boxes,
                    'invoiced_mg' => $row->mass?->milligrams,
                    'price_minor' => $row->price === null
                            ? null
                            : (string) $row->price->multipliedBy(10 ** $currency->decimals)->stripTrailingZeros(),
                    'price_unit' => $row->unit,
                    'grade_from_g' => $grade?->fromGrams,
                    'grade_to_g' => $grade?->toGrams,
                    'landed_on' => $row->landed?->format('Y-m-d'),
                    'lot' => $row->trace['lot'] ?? null,
                    'area' => $row->trace['area'] ?? null,
                    'gear' => $row->trace['gear'] ?? null,
                    'vessel' => $row->trace['vessel'] ?? null,
                    'production' => $row->trace['production'] ?? null,
                ]);
            }
            if ($place === 0) {
                throw Fault::inField('/file', 'Nothing on it is left to take.');
            }
            if ($fields->has('map')) {
                InvoiceMap::rows()->upsert(
                    [
                        'supplier_id' => $delivery->supplier_id,
                        'map' => json_encode($fields->fields('map')->all(), JSON_THROW_ON_ERROR),
                    ],
                    ['supplier_id'],
                );
            }
        });
    }

    /** The supplier's size, when it is two weights; other marks of size mean nothing to a scale. */
    private static function grade(Row $row): ?SizeGrade
    {
        try {
            return isset($row->trace['grade']) ? SizeGrade::parse($row->trace['grade']) : null;
        } catch (BadGrade) {
            return null;
        }
    }
}
