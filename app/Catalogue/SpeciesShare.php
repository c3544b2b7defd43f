<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Table;
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
final class SpeciesShare extends Table
{
    public $incrementing = false;

    protected $table = 'species_shares';

    protected $primaryKey = null;

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
