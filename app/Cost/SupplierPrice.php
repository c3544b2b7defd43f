<?php

declare(strict_types=1);

namespace App\Cost;

use App\Catalogue\Species;
use App\Fish\Supplier;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a supplier asks for a kilo, from a price list. Never changed; a newer list stands above it.
 *
 * @property string $id
 * @property string $list_id
 * @property string $supplier_id
 * @property string $species_id
 * @property int $price_per_kg_minor
 * @property string $called what the supplier calls it
 * @property string $listed_by
 * @property string $listed_at ISO 8601
 * @property-read Supplier $supplier
 * @property-read Species $species
 */
final class SupplierPrice extends Record
{
    protected $table = 'supplier_prices';

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
}
