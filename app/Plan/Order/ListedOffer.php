<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Fish\Supplier;
use App\Kitchen\Record;
use App\Kitchen\Settings;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Fish\StateBought;
use Sectum\Measure\PricePerKg;

/**
 * Fish of one size grade a supplier sells, and for how much.
 *
 * @property string $id
 * @property string $supplier_id
 * @property string $species_id
 * @property StateBought $state
 * @property int $from_g
 * @property int $to_g
 * @property int $price_per_kg_minor
 * @property int $box fish it is sold by
 * @property int|null $available fish there are; null for as many as one wants
 * @property string $order_by on the house's clock, the day before, 11:00; empty when nobody said
 * @property string|null $retired_at
 * @property int $version
 * @property string $listed_by
 * @property string $listed_at ISO 8601
 * @property-read Supplier $supplier
 * @property-read Species $species
 */
final class ListedOffer extends Record
{
    protected $table = 'offers';

    protected $attributes = ['box' => 1, 'order_by' => '', 'version' => 1];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    public function price(Settings $settings): PricePerKg
    {
        return $settings->perKg($this->price_per_kg_minor);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => StateBought::class];
    }
}
