<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Delivery;
use App\Fish\Supplier;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A delivery stands at the door: who brought it, under which number, on which day. */
final readonly class StoreDelivery
{
    /** Days a delivery may be written down after, or before, it came. */
    private const OLDEST = 400;

    private const NEWEST = 3;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @throws Fault when it was already entered under another id */
    public function __invoke(string $id, Fields $fields, Person $person): Delivery
    {
        return DB::connection()->transaction(fn (): Delivery => $this->store($id, $fields, $person));
    }

    /** The same inside somebody's transaction. */
    public function store(string $id, Fields $fields, Person $person): Delivery
    {
        $day = $this->day($fields->maybeString('delivered_on'));
        $supplier = Supplier::query()->firstOrCreate(['name' => trim($fields->string('supplier'))]);
        $named = [
            'supplier_id' => $supplier->id,
            'number' => trim($fields->string('number')),
            'delivered_on' => $day,
        ];
        $twin = Delivery::query()->where($named)->where('id', '!=', $id)->first();
        if ($twin !== null) {
            throw Fault::conflict(
                "{$supplier->name}, number {$named['number']} of this day, is already recorded.",
                ['delivery' => $twin->id],
            );
        }
        $known = Delivery::query()->find($id);
        if ($known !== null) {
            $known->mustBeOpen();
            $known->fill($named);
            if ($known->isDirty()) {
                $known->changed();
            }

            return $known;
        }

        return Delivery::query()->create([
            'id' => $id,
            ...$named,
            'received_by' => $person->id,
            'received_at' => Moment::written($this->clock->now()),
        ]);
    }

    private function day(?string $typed): string
    {
        $today = Moment::day($this->clock->now());
        if ($typed === null) {
            return $today->format('Y-m-d');
        }
        $days = (int) Moment::at($typed)->diff($today)->format('%r%a');
        if ($days > self::OLDEST || $days < -self::NEWEST) {
            throw Fault::inField('/delivered_on', 'This day is far from today. Check the year.');
        }

        return $typed;
    }
}
