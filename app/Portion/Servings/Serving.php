<?php

declare(strict_types=1);

namespace App\Portion\Servings;

use App\Fish\Piece;
use App\Kitchen\Record;
use App\Portion\Dish\Dish;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Pieces of one dish that are served together.
 *
 * @property string $id
 * @property string $dish_id
 * @property string $made_by
 * @property string $made_at ISO 8601
 * @property-read Dish $dish
 * @property-read Collection<int, Piece> $pieces
 */
final class Serving extends Record
{
    protected $table = 'servings';

    /** @return BelongsTo<Dish, $this> */
    public function dish(): BelongsTo
    {
        return $this->belongsTo(Dish::class);
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        $pieces = $this->hasMany(Piece::class, 'serving_id');
        $pieces->orderBy('fish_id')->orderBy('place');

        return $pieces;
    }
}
