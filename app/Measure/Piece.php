<?php

declare(strict_types=1);

namespace App\Measure;

use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\Part;
use Sectum\Fish\Bin;

/**
 * One piece of a fish: the whole, or something cut from another piece.
 *
 * @property string $id
 * @property string $fish_id
 * @property string|null $parent_id
 * @property Part $part
 * @property string $name
 * @property Bin|null $bin where it was sent; null until someone says
 * @property int $place order in which it came onto the board
 * @property-read Collection<int, Reading> $readings
 */
final class Piece extends Record
{
    protected $casts = ['part' => Part::class, 'bin' => Bin::class];

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class)->orderBy('taken_at')->orderBy('id');
    }

    /** The one reading that counts; null when it was taken back. */
    public function reading(): ?Reading
    {
        return $this->readings->last(fn (Reading $reading): bool => $reading->void === null);
    }
}
