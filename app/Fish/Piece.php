<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;

/**
 * One piece of a fish: the whole, or something cut from another piece.
 *
 * @property string $id
 * @property string $fish_id
 * @property string|null $parent_id
 * @property Part $part
 * @property string $name
 * @property Bin|null $bin where it was sent; null until someone says
 * @property string|null $dish_id what a portion is for; null for the fish's usual dish
 * @property string|null $batch_id the portion tray it is on
 * @property int $place order in which it came onto the board
 * @property-read Collection<int, Reading> $readings
 */
final class Piece extends Record
{
    protected $table = 'pieces';

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        $readings = $this->hasMany(Reading::class);
        $readings->orderBy('seq');

        return $readings;
    }

    /** The one reading that counts; null when it was taken back. */
    public function reading(): ?Reading
    {
        $readings = $this->getRelationValue('readings');
        foreach ($readings instanceof Collection ? array_reverse($readings->all()) : [] as $reading) {
            if ($reading instanceof Reading && $reading->getRelationValue('void') === null) {
                return $reading;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['part' => Part::class, 'bin' => Bin::class];
    }
}
