<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fault;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What one supplier brought on one day, with its invoice.
 *
 * @property string $id
 * @property string $supplier_id
 * @property string $number of the invoice or despatch note
 * @property string $delivered_on ISO 8601 day
 * @property bool $open until somebody says it is all in
 * @property int $version
 * @property string $received_by
 * @property string $received_at ISO 8601
 * @property-read Supplier $supplier
 * @property-read Person $receiver
 * @property-read Collection<int, DeliveryLine> $lines
 */
final class Delivery extends Record
{
    protected $table = 'deliveries';

    /** All a delivery's screen needs, in few queries. */
    public const AT_THE_DOOR = [
        'supplier',
        'receiver',
        'lines.species',
        'lines.inspections.inspector',
        'lines.photos',
        'lines.fish.species',
        'lines.fish.supplier',
        'lines.fish.pieces.readings.void',
    ];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function receiver(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'received_by');
    }

    /** @return HasMany<DeliveryLine, $this> */
    public function lines(): HasMany
    {
        $lines = $this->hasMany(DeliveryLine::class);
        $lines->orderBy('place');

        return $lines;
    }

    public static function atTheDoor(string $id): self
    {
        return self::query()->with(self::AT_THE_DOOR)->findOrFail($id);
    }

    public function title(): string
    {
        return "{$this->supplier->name}, {$this->number}";
    }

    public function changed(): void
    {
        $this->version++;
        $this->save();
    }

    /** @throws Fault when it is all in */
    public function mustBeOpen(): void
    {
        $this->open || throw Fault::conflict("{$this->title()} is closed.", ['version' => $this->version]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['open' => 'boolean'];
    }
}
