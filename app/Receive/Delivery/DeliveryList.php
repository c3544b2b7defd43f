<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use App\Fish\Supplier;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Database\Eloquent\Builder;

/** Deliveries, those still open first, then the latest. */
final readonly class DeliveryList
{
    private const A_PAGE = 10;

    /**
     * @param  string  $sought  part of a supplier's name, of a number or of a lot; empty for all
     * @param  int  $page  from 1
     * @return Answer
     */
    public function page(Person $person, string $sought, int $page): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $matching = Delivery::query()->when(
            $sought !== '',
            fn (Builder $query): Builder => $this->matching($query, $sought),
        );
        $total = $matching->count();
        $page = max(1, $page);
        $deliveries = $matching
            ->with(Delivery::AT_THE_DOOR)
            ->orderByDesc('open')
            ->orderByDesc('delivered_on')
            ->orderByDesc('id')
            ->forPage($page, self::A_PAGE)
            ->get();

        return [
            'total' => $total,
            'page' => $page,
            'pages' => max(1, (int) ceil($total / self::A_PAGE)),
            'deliveries' => array_map(function (Delivery $delivery) use ($words, $person, $settings): array {
                $claim = DeliveryView::claim($delivery, $person->seesPrices(), $settings->currency);

                return [
                    'delivery' => DeliveryView::head($delivery, $words),
                    'what' => implode(
                        ', ',
                        array_unique(
                            $delivery->lines->map(fn (DeliveryLine $line): string => $line->species->name)->all(),
                        ),
                    ),
                    'claimed' => $claim->isEmpty() || $delivery->open
                            ? null
                            : ($claim->total->minor > 0
                                ? $claim->total->print()
                                : count($claim->items).' to settle'),
                ];
            }, array_values($deliveries->all())),
        ];
    }

    /**
     * @param  Builder<Delivery>  $query
     * @return Builder<Delivery>
     */
    private function matching(Builder $query, string $sought): Builder
    {
        $like = '%'.addcslashes($sought, '%_\\').'%';

        return $query->where(
            fn (Builder $any): Builder => $any
                ->whereRaw("number like ? escape '\\'", [$like])
                ->orWhereIn(
                    'supplier_id',
                    Supplier::query()
                        ->whereRaw("name like ? escape '\\'", [$like])
                        ->select('id'),
                )
                ->orWhereIn(
                    'id',
                    DeliveryLine::query()
                        ->whereRaw("lot like ? escape '\\'", [$like])
                        ->select('delivery_id'),
                ),
        );
    }
}
