<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Fish\Piece;
use App\Kitchen\Person;
use App\Kitchen\Record;
use App\Portion\Dish\Dish;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Measure\Mass;

/**
 * A tray of portions of one dish, with a date and labels.
 *
 * @property string $id
 * @property int $number the house's running number
 * @property string $dish_id
 * @property string $made_by
 * @property string $made_at ISO 8601
 * @property string $use_by the last day
 * @property string $why_then
 * @property-read Dish $dish
 * @property-read Person $maker
 * @property-read Collection<int, Piece> $pieces
 */
final class PortionTray extends Record
{
    protected $table = 'batches';

    /** @return BelongsTo<Dish, $this> */
    public function dish(): BelongsTo
    {
        return $this->belongsTo(Dish::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'made_by');
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        $pieces = $this->hasMany(Piece::class, 'batch_id');
        $pieces->orderBy('fish_id')->orderBy('place');

        return $pieces;
    }

    /** @return list<TrayPortion> in the order they were cut */
    public function portions(): array
    {
        $together = [];
        foreach ($this->pieces as $piece) {
            $together[$piece->serving_id ?? $piece->id][] = $piece;
        }
        $portions = [];
        foreach ($together as $pieces) {
            $nets = Mass::sum(array_map(self::net(...), $pieces))->shared($pieces[0]->portions);
            $boards = Mass::sum(
                array_map(fn (Piece $piece): Mass => $piece->reading()?->mass() ?? Mass::zero(), $pieces),
            )->shared($pieces[0]->portions);
            foreach ($boards as $i => $board) {
                $portions[] = new TrayPortion($pieces, $board, $nets[$i] ?? $board);
            }
        }

        return $portions;
    }

    /** What one piece on it weighs now: a skin that was weighed off it is gone. */
    public static function net(Piece $piece): Mass
    {
        return $piece->without($piece->parts);
    }

    /** @return Builder<self> */
    public static function inFull(): Builder
    {
        return self::query()->with(['dish', 'maker', 'pieces.readings.void', 'pieces.parts.readings.void']);
    }
}
