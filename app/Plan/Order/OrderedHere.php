<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Fish\Delivery;
use App\Fish\OrderedFish;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;

/** Orders find their deliveries by themselves: same supplier, a day about the one they were for, a kind ordered. */
final readonly class OrderedHere implements OrderedFish
{
    /** Days before and after the one it was ordered for on which a delivery is still its own. */
    private const DAYS = 2;

    public function came(Delivery $delivery, string $species): void
    {
        $day = Moment::at($delivery->delivered_on);
        $order = PlacedOrder::query()
            ->where('supplier_id', $delivery->supplier_id)
            ->whereNull('dropped_at')
            ->where(fn ($open) => $open->whereNull('delivery_id')->orWhere('delivery_id', $delivery->id))
            ->where('for_day', '>=', self::earliest($delivery->delivered_on))
            ->where('for_day', '<=', $day->modify('+'.self::DAYS.' days')->format('Y-m-d'))
            ->whereIn('id', OrderLine::query()->select('order_id')->where('species_id', $species))
            ->get()
            ->sortBy(fn (PlacedOrder $one): array => [
                $one->delivery_id === null,
                abs(Moment::at($one->for_day)->getTimestamp() - $day->getTimestamp()),
                $one->number,
            ])
            ->first();
        if ($order !== null && $order->delivery_id === null) {
            $order->update(['delivery_id' => $delivery->id, 'version' => $order->version + 1]);
        }
    }

    /** The first day on which what was ordered for a day may come, or for which what came that day was ordered. */
    public static function earliest(string $forDay): string
    {
        return Moment::at($forDay)->modify('-'.self::DAYS.' days')->format('Y-m-d');
    }

    public function prices(string $delivery): array
    {
        return self::ordered()[$delivery] ?? [];
    }

    /** @return array<string, array<string, int>> the dearest a kind was ordered at, by delivery */
    private static function ordered(): array
    {
        return Remembered::of('ordered prices', ['orders', 'order_lines'], function (): array {
            $rows = Row::all(
                OrderLine::rows()
                    ->join('orders', 'orders.id', 'order_lines.order_id')
                    ->whereNull('dropped_at')
                    ->whereNotNull('delivery_id')
                    ->groupBy('delivery_id', 'species_id')
                    ->selectRaw('delivery_id, species_id, max(price_per_kg_minor) as price')
                    ->get(),
            );
            $prices = [];
            foreach ($rows as $row) {
                $prices[$row->text('delivery_id')][$row->text('species_id')] = (int) $row->number('price');
            }

            return $prices;
        });
    }
}
