<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Kitchen\Record;
use App\Kitchen\Settings;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\Together\UncutSides;

/**
 * So many fish of an offer, as it stood when they were ordered.
 *
 * @property string $id
 * @property string $order_id
 * @property string $offer_id
 * @property string $species_id
 * @property StateBought $state
 * @property int $from_g
 * @property int $to_g
 * @property int $price_per_kg_minor
 * @property int $fish
 * @property float|null $short_pct chance of running short it was ordered at
 * @property-read Species $species
 * @property-read PlacedOrder $order
 */
final class OrderLine extends Record
{
    protected $table = 'order_lines';

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @return BelongsTo<PlacedOrder, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(PlacedOrder::class, 'order_id');
    }

    /**
     * Fish that is ordered and has not come.
     *
     * @param  list<string>  $species
     * @param  string  $from  the first day it may come on
     * @param  string  $until  the last
     * @return Collection<int, self>
     */
    public static function onTheirWay(array $species, string $from, string $until): Collection
    {
        Species::manyAreAsked();

        return self::query()
            ->with(['species', 'order'])
            ->whereHas('order', fn (Builder $order) => $order
                ->whereNull('dropped_at')
                ->whereNull('delivery_id')
                ->whereBetween('for_day', [$from, $until]))
            ->whereIn('species_id', $species)
            ->orderBy('id')
            ->get();
    }

    /** What they should weigh together. */
    public function mass(): Mass
    {
        return Mass::ofMilligrams(intdiv($this->fish * ($this->from_g + $this->to_g) * 1000, 2));
    }

    /** The fillets they should give. */
    public function sides(): UncutSides
    {
        return UncutSides::expected(
            $this->mass(),
            $this->fish,
            $this->species->expected($this->state),
            $this->species->form,
        );
    }

    public function cost(Settings $settings): Money
    {
        return $settings->perKg($this->price_per_kg_minor)->times($this->mass());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => StateBought::class, 'short_pct' => 'float'];
    }
}
