<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** An order is placed with a supplier: from offers of that supplier, in whole boxes. Or dropped. */
final readonly class PlaceOrder
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef orders.');
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            if (! Once::isNew($id, 'order', $fields)) {
                return;
            }
            $now = $this->clock->now();
            $day = $fields->string('for_day');
            $day >= Moment::date($now) || throw Fault::inField('/for_day', 'That day is over.');
            $supplier = null;
            $lines = [];
            foreach ($fields->list('lines') as $i => $line) {
                $offer = ListedOffer::query()->whereNull('retired_at')->find($line->string('offer')) ??
                    throw Fault::inField("/lines/{$i}/offer", 'This is not offered any more.');
                $supplier ??= $offer->supplier_id;
                $supplier === $offer->supplier_id ||
                    throw Fault::inField("/lines/{$i}/offer", 'One order goes to one supplier.');
                $fish = $line->int('fish');
                $fish % $offer->box === 0 ||
                    throw Fault::inField("/lines/{$i}/fish", "They are sold in boxes of {$offer->box}.");
                ($offer->available === null || $fish <= $offer->available) ||
                    throw Fault::inField("/lines/{$i}/fish", "There are {$offer->available} of them.");
                $lines[] = [
                    'id' => (string) Str::ulid(),
                    'order_id' => $id,
                    'offer_id' => $offer->id,
                    'species_id' => $offer->species_id,
                    'state' => $offer->state->value,
                    'from_g' => $offer->from_g,
                    'to_g' => $offer->to_g,
                    'price_per_kg_minor' => $offer->price_per_kg_minor,
                    'fish' => $fish,
                    'short_pct' => $line->maybeNumber('short_pct'),
                ];
            }
            PlacedOrder::query()->create([
                'id' => $id,
                'number' => PlacedOrder::nextNumber(),
                'supplier_id' => $supplier,
                'for_day' => $day,
                'note' => trim($fields->maybeString('note') ?? ''),
                'placed_by' => $person->id,
                'placed_at' => Moment::written($now),
            ]);
            OrderLine::rows()->insert($lines);
        });
    }

    public function drop(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef orders.');
        DB::connection()->transaction(function () use ($id, $fields): void {
            $order = PlacedOrder::query()->findOrFail($id);
            if ($order->dropped_at === null) {
                Fault::unlessLatest("Order {$order->number}", $fields->int('version', 0), $order->version);
                $order->update([
                    'dropped_at' => Moment::written($this->clock->now()),
                    'version' => $order->version + 1,
                ]);
            }
        });
    }
}
