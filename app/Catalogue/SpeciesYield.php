<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Table;
use Sectum\Fish\Rung;
use Sectum\Fish\StateBought;

/**
 * Where a rung of the ladder usually stands, as a share of the fish as bought, and who says so.
 *
 * @property string $species_id
 * @property StateBought $state
 * @property Rung $rung
 * @property float $mean_pct
 * @property float $sd_pct
 * @property float $strength how many of the house's own fish it counts for
 * @property string $source
 * @property float|null $shipped_mean_pct what the catalogue came with
 * @property float|null $shipped_sd_pct
 */
final class SpeciesYield extends Table
{
    /** Who says so, when the head chef does; and when the shipped catalogue does. */
    public const HOUSE = 'house';

    public const ESTIMATE = 'estimate';

    public $incrementing = false;

    protected $table = 'species_yields';

    protected $primaryKey = null;

    /** Writes the figures; this table has a key of three columns. */
    public function store(): void
    {
        self::query()
            ->where(['species_id' => $this->species_id, 'state' => $this->state->value, 'rung' => $this->rung->value])
            ->update(['mean_pct' => $this->mean_pct, 'sd_pct' => $this->sd_pct, 'source' => $this->source]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => StateBought::class,
            'rung' => Rung::class,
            'mean_pct' => 'float',
            'sd_pct' => 'float',
            'strength' => 'float',
            'shipped_mean_pct' => 'float',
            'shipped_sd_pct' => 'float',
        ];
    }
}
