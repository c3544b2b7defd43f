<?php

declare(strict_types=1);

namespace App\Hold\Kept;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Record;
use App\Portion\Dish\Dish;
use App\Portion\Tray\PortionTray;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Hold\Kept\KeptLot;
use Sectum\Hold\Kept\KeptState;

/**
 * Portions that lie together under one date: of a tray, or what became of some of a tray. Never changed.
 *
 * @property string $id
 * @property string|null $tray_id the tray they were put on as they were cut
 * @property string|null $from_id what they were before: of another dish, chilled, frozen
 * @property string $dish_id
 * @property KeptState $state
 * @property int $count
 * @property string $until the last day
 * @property string $why_then
 * @property string $cut_on the kitchen day they were cut
 * @property string $put_by
 * @property string $put_at ISO 8601
 * @property-read int|string|null $gone how many of them left
 * @property-read string|null $held why they are held back; null while they may be served
 * @property-read Dish $dish
 * @property-read PortionTray|null $tray
 * @property-read Person $putter
 */
final class KeptTray extends Record
{
    protected $table = 'kept_lots';

    protected $attributes = ['state' => 'chilled'];

    /** @return BelongsTo<Dish, $this> */
    public function dish(): BelongsTo
    {
        return $this->belongsTo(Dish::class);
    }

    /** @return BelongsTo<PortionTray, $this> */
    public function tray(): BelongsTo
    {
        return $this->belongsTo(PortionTray::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function putter(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'put_by');
    }

    /** @return Builder<self> with how many of each left, and why they are held back */
    public static function counted(): Builder
    {
        $gone = KeptLeaving::rows()->selectRaw('coalesce(sum(count), 0)')->whereColumn('lot_id', 'kept_lots.id');

        $counted = self::query();
        $counted->addSelect(['gone' => $gone, 'held' => HeldLot::rows()
            ->select('why')
            ->whereColumn('lot_id', 'kept_lots.id')
            ->whereNull('released_at')
            ->limit(1)]);

        return $counted;
    }

    /** @return Builder<self> of which some are left */
    public static function there(): Builder
    {
        $counted = self::counted();
        $counted
            ->whereRaw(
                'kept_lots.count > (select coalesce(sum(count), 0) from kept_leavings where lot_id = kept_lots.id)',
            )
            ->orderBy('until')
            ->orderBy('put_at')
            ->orderBy('kept_lots.id');

        return $counted;
    }

    public function left(): int
    {
        return $this->count - (is_numeric($this->gone) ? (int) $this->gone : 0);
    }

    public function lot(): KeptLot
    {
        return KeptLot::of(
            $this->id,
            $this->dish_id,
            $this->state,
            $this->count,
            $this->left(),
            Moment::at($this->until),
            Moment::at($this->put_at),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => KeptState::class];
    }
}
