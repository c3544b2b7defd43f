<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;
use Sectum\Fish\Share;
use Sectum\Fish\StateBought;

/**
 * A kind of fish, shipped with the catalogue or added by name.
 *
 * @property string $id
 * @property string $name
 * @property string|null $scientific
 * @property string|null $code FAO 3-alpha
 * @property BodyForm $form
 * @property FatClass $fat
 * @property string $source
 * @property-read \Illuminate\Database\Eloquent\Collection<int, SpeciesShare> $shares
 */
final class Species extends Record
{
    protected $table = 'species';

    /** @return HasMany<SpeciesShare, $this> */
    public function shares(): HasMany
    {
        return $this->hasMany(SpeciesShare::class);
    }

    /** @return array<string, Share> expected share of the whole fish by part code, as bought in this state */
    public function expected(StateBought $state): array
    {
        $shares = [];
        foreach ($this->shares as $share) {
            if ($share->state === $state) {
                $shares[$share->part] = new Share($share->mean_pct, $share->sd_pct);
            }
        }

        return $shares;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['form' => BodyForm::class, 'fat' => FatClass::class];
    }
}
