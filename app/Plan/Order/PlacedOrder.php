<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Fish\Delivery;
use App\Fish\Supplier;
use App\Kitchen\Person;
use App\Kitchen\Record;
use App\Kitchen\Settings;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Measure\Money;

/**
 * An order to one supplier. What was ordered stands as it was sent; a wrong one is dropped and placed anew.
 *
 * @property string $id
 * @property int $number the house's running number
 * @property string $supplier_id
 * @property string $for_day by when it must be in the house
 * @property string $note
 * @property string|null $dropped_at
 * @property string|null $delivery_id what came of it
 * @property string $placed_by
 * @property string $placed_at ISO 8601
 * @property int $version
 * @property-read Supplier $supplier
 * @property-read Person $placer
 * @property-read Delivery|null $delivery
 * @property-read \Illuminate\Database\Eloquent\Collection<int, OrderLine> $lines
 */
final class PlacedOrder extends Record
{
    protected $table = 'orders';

    protected $attributes = ['note' => '', 'version' => 1];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function placer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'placed_by');
    }

    /** @return BelongsTo<Delivery, $this> */
    public function delivery(): BelongsTo
    {
        return $this->belongsTo(Delivery::class);
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        $lines = $this->hasMany(OrderLine::class, 'order_id');
        $lines->orderBy('id');

        return $lines;
    }

    public static function inFull(string $id): self
    {
        return self::query()->with(['supplier', 'placer', 'lines.species'])->findOrFail($id);
    }

    public function total(Settings $settings): Money
    {
        return Money::sum(
            array_map(fn (OrderLine $line): Money => $line->cost($settings), array_values($this->lines->all())),
            $settings->currency,
        );
    }
}
