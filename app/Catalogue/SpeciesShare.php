<?php

declare(strict_types=1);

namespace App\Catalogue;

use Illuminate\Database\Eloquent\Model;
use Sectum\Fish\StateBought;

/**
 * What share of the fish as bought one part usually is, and who says so.
 *
 * @property string $species_id
 * @property StateBought $state
 * @property string $part
 * @property float $mean_pct
 * @property float $sd_pct
 * @property string $source
 * @property float|null $shipped_mean_pct what the catalogue came with
 * @property float|null $shipped_sd_pct
 */
final class SpeciesShare extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'species_shares';

    protected $primaryKey = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => StateBought::class,
            'mean_pct' => 'float',
            'sd_pct' => 'float',
            'shipped_mean_pct' => 'float',
            'shipped_sd_pct' => 'float',
        ];
    }
}
