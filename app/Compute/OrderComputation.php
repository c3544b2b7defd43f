<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Plan\Order\Cut;
use Sectum\Plan\Order\Demand;
use Sectum\Plan\Order\DishOutcome;
use Sectum\Plan\Order\Mix;
use Sectum\Plan\Order\Need;
use Sectum\Plan\Order\Offer;
use Sectum\Plan\Order\Order;
use Sectum\Plan\Order\Outcome;
use Sectum\Plan\Order\Rates;
use Sectum\Plan\Order\Serving;

/** `order`: how many fish of which size grade for these covers? */
final readonly class OrderComputation implements Computation
{
    public static function name(): string
    {
        return 'order';
    }

    public function answer(Fields $request): array
    {
        $offers = [];
        foreach ($request->list('offers') as $i => $offer) {
            $offers[] = Fault::within("/offers/{$i}", fn (): Offer => self::offer($offer, (string) ($i + 1)));
        }
        count(array_unique(array_map(fn (Offer $one): string => $one->id, $offers))) === count($offers) ||
            throw Fault::inField('/offers', 'Each offer has a name of its own.');
        $offers === [] && throw Fault::inField('/offers', 'Give between 1 and 12 offers.');
        $short = $request->maybeInt('short_costs_minor');
        $surplus = $request->maybeInt('surplus_worth_minor');
        $rates = new Rates(
            Minor::of($request->int('labour_rate_per_hour_minor', 0)),
            Minor::of($request->int('credit_per_kg_minor', 0)),
            $short === null ? null : Minor::of($short),
            $surplus === null ? null : Minor::of($surplus),
        );
        $order = $request->has('dishes')
            ? self::several($request, $offers, $rates)
            : self::single($request, $offers, $rates);

        return [
            'demand_mean' => $request->has('dishes')
                ? null
                : self::demand($request->fields('demand'))->portions->mean(),
            'offers' => array_map(self::outcome(...), $order->offers),
            'best' => $order->best?->offer->id,
            'mix' => $order->mix === null ? null : self::mix($order->mix),
        ];
    }

    /** @param  non-empty-list<Offer>  $offers */
    private static function single(Fields $request, array $offers, Rates $rates): Order
    {
        return Order::of(
            Need::of(
                Fault::within('/demand', fn (): Demand => self::demand($request->fields('demand'))),
                $request->int('on_hand', 0),
            ),
            new Cut($request->number('target_g'), $request->number('ends_g', 0), $request->int('sides', 2)),
            $offers,
            $request->number('max_short_pct'),
            $rates,
        );
    }

    /** @param  non-empty-list<Offer>  $offers */
    private static function several(Fields $request, array $offers, Rates $rates): Order
    {
        $servings = [];
        foreach ($request->list('dishes') as $i => $dish) {
            $servings[] = Fault::within(
                "/dishes/{$i}",
                fn (): Serving => new Serving(
                    $dish->string('id'),
                    $dish->number('target_g'),
                    Fault::within('/demand', fn (): Demand => self::demand($dish->fields('demand'))),
                    $dish->int('on_hand', 0),
                ),
            );
        }
        $servings === [] && throw Fault::inField('/dishes', 'Give between 1 and 6 dishes.');

        return Order::ofSeveral(
            $servings,
            $request->number('ends_g', 0),
            $request->int('sides', 2),
            $offers,
            $request->number('max_short_pct'),
            $rates,
        );
    }

    private static function demand(Fields $demand): Demand
    {
        return $demand->has('portions')
            ? Demand::fixed($demand->int('portions'))
            : Demand::ofCovers(
                $demand->int('covers'),
                $demand->number('covers_sd', 0),
                $demand->number('share_pct'),
                $demand->number('share_sd_pct', 0),
            );
    }

    private static function offer(Fields $offer, string $id): Offer
    {
        $yield = $offer->fields('yield');

        return new Offer(
            $offer->maybeString('id') ?? $id,
            $offer->number('from_g'),
            $offer->number('to_g'),
            Minor::perKg($offer->int('price_per_kg_minor')),
            $yield->number('mean_pct'),
            $yield->number('mean_sd_pct', 0),
            $yield->number('fish_sd_pct', 0),
            $offer->int('box', 1),
            $offer->int('available', Offer::USUALLY),
            $offer->number('minutes_per_fish', 0),
        );
    }

    /** @return Answer */
    private static function outcome(Outcome $outcome): array
    {
        return array_filter(
            [
                'id' => $outcome->offer->id,
                'enough' => $outcome->enough,
                'fish' => $outcome->fish,
                'mass_g' => $outcome->massGrams(),
                'portions_mean' => $outcome->portionsMean,
                'short_pct' => $outcome->shortPct,
                'short_mean' => $outcome->shortMean,
                'surplus_mean' => $outcome->surplusMean,
                'cost_minor' => $outcome->cost->minor,
                'by_money' => $outcome->byMoney === null ? null : [
                    'fish' => $outcome->byMoney->fish,
                    'total_minor' => $outcome->byMoney->total->minor,
                    'short_pct' => $outcome->byMoney->shortPct,
                ],
                'dishes' => $outcome->dishes === [] ? null : array_map(
                    fn (DishOutcome $dish): array => [
                        'id' => $dish->id,
                        'short_pct' => $dish->shortPct,
                        'surplus_mean' => $dish->surplusMean,
                    ],
                    $outcome->dishes,
                ),
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }

    /** @return Answer */
    private static function mix(Mix $mix): array
    {
        return ['fish' => $mix->fish, 'cost_minor' => $mix->cost->minor, 'short_pct' => $mix->shortPct];
    }
}
