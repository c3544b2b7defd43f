<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\HouseBin;
use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Plan\Service\Service;
use App\Plan\Service\ServicesView;
use App\Portion\Dish\Dish;
use App\Receive\Sourcing\Sourcing;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Plan\Order\Chance;
use Sectum\Plan\Order\Cut;
use Sectum\Plan\Order\DishOutcome;
use Sectum\Plan\Order\Need;
use Sectum\Plan\Order\Offer;
use Sectum\Plan\Order\Order;
use Sectum\Plan\Order\Outcome;
use Sectum\Plan\Order\Rates;
use Sectum\Plan\Order\Serving;
use Sectum\Plan\Order\TrimmedYield;
use Sectum\Portion\FilletGuess;

/** What to order: which kinds of fish the services want, and of each what every offer would mean. */
final readonly class OrderView
{
    /** How often it may run short until somebody says otherwise, percent of nights. */
    public const USUAL_SHORT_PCT = 5.0;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer the kinds of fish that are wanted up to a day, and those that are offered */
    public function all(?string $until): array
    {
        [$services, $until] = $this->services($until);
        $wanted = $services->flatMap(fn (Service $one): array => $one->dishes->pluck('dish_id')->all())->unique();
        $dishes = Dish::onTheList()->whereIn('id', $wanted->all());
        $offers = ListedOffer::query()
            ->with(['supplier', 'species'])
            ->whereNull('retired_at')
            ->orderBy('from_g')
            ->get();
        $species = Species::query()
            ->whereKey([...$dishes->pluck('species_id')->all(), ...$offers->pluck('species_id')->all()])
            ->orderBy('name')
            ->get(['id', 'name']);
        $settings = Settings::load();
        $words = Words::ofReader();

        return [
            'until' => $until,
            'today' => Moment::date($this->clock->now()),
            'species' => array_map(
                fn (Species $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'dishes' => array_values($dishes->where('species_id', $one->id)->pluck('name')->all()),
                    'offers' => $offers->where('species_id', $one->id)->count(),
                ],
                array_values($species->all()),
            ),
            'offers' => array_map(
                fn (ListedOffer $one): array => [
                    'id' => $one->id,
                    'version' => $one->version,
                    'species' => $one->species_id,
                    'fish' => $one->species->name,
                    'supplier' => $one->supplier->name,
                    'state' => $one->state->value,
                    'from' => $words->text(Mass::ofGrams($one->from_g)),
                    'to' => $words->text(Mass::ofGrams($one->to_g)),
                    'price_per_kg' => $settings->money($one->price_per_kg_minor)->plain(),
                    'box' => $one->box,
                    'available' => $one->available,
                    'order_by' => $one->order_by,
                ],
                array_values($offers->all()),
            ),
        ];
    }

    /** @return Answer what every offer of one kind of fish would mean */
    public function one(string $species, Fields $asked): array
    {
        $kind = Species::query()->with('yields')->findOrFail($species);
        [$services, $until] = $this->services($asked->maybeString('until'));
        $need = SpeciesNeed::of($kind, $services);
        $settings = Settings::load();
        $words = Words::ofReader();
        $short = $asked->number('max_short_pct', self::USUAL_SHORT_PCT);
        $by = InHouseBy::of($need, $this->clock->now());
        $answer = [
            'species' => $kind->id,
            'name' => $kind->name,
            'until' => $until,
            'max_short_pct' => $short,
            'kept_for' => $need->keptFor === null ? null : Moment::at($need->keptFor)->format('D j M'),
            'keeps_days' => $need->keepsDays,
            'by' => $by,
            'services' => array_map(
                fn (Service $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'date' => Moment::at($one->day)->format('D j M'),
                    'at' => $one->at,
                ],
                $need->services,
            ),
            'dishes' => array_map(
                fn (DishNeed $one): array => [
                    'dish' => $one->dish->id,
                    'name' => $one->dish->name,
                    'target' => $words->mass($one->dish->band()->target),
                    'wanted' => ServicesView::portions($one->demand->portions),
                    'kept' => $one->kept,
                    'uncut' => $one->uncut,
                    'fish' => $one->fish,
                ],
                $need->dishes,
            ),
        ];

        return $answer + $this->offered($kind, $need, $by, $short, $asked, $settings, $words);
    }

    /**
     * @param  array{day: string, date: string, why: string}|null  $by  when it is in the house
     * @return Answer
     */
    private function offered(
        Species $kind,
        SpeciesNeed $need,
        ?array $by,
        float $short,
        Fields $asked,
        Settings $settings,
        Words $words,
    ): array {
        $listed = ListedOffer::query()
            ->with('supplier')
            ->where('species_id', $kind->id)
            ->whereNull('retired_at')
            ->orderBy('from_g')
            ->orderBy('id')
            ->get();
        $offers = $out = $grades = [];
        foreach ($listed as $one) {
            $mean = Mass::ofGrams(($one->from_g + $one->to_g) / 2);
            $grade = new GradeYield($kind, $one->state);
            $yield = $grades[$one->id] = $grade->of($mean);
            if ($need->dishes === []) {
                continue;
            }
            $minutes = $settings->countsLabour ? $grade->minutes($mean) : 0.0;
            $offer = $yield === null ? null : self::offer($one, $yield, $minutes, $settings);
            $out[$one->id] = self::leftOut($one, $offer, $need, $kind);
            if ($offer !== null && $out[$one->id] === null) {
                $offers[] = $offer;
            }
        }
        $first = $listed->first();
        $rates = $first === null ? null : self::rates($kind, $first, $need, $settings);
        $order = $offers === [] || $rates === null ? null : self::order($need, $kind, $offers, $short, $rates);
        $outcomes = array_column(
            array_map(fn (Outcome $one): array => [$one->offer->id, $one], $order->offers ?? []),
            1,
            0,
        );
        $chosen = $asked->maybeString('offer');
        $fish = $asked->maybeInt('fish');
        $rows = [];
        foreach ($listed as $one) {
            $outcome = $outcomes[$one->id] ?? null;
            if ($outcome !== null && $rates !== null && $fish !== null && $chosen === $one->id) {
                $outcome = self::exactly($need, $kind, $outcome->offer, $fish, $short, $rates);
            }
            $yield = $grades[$one->id] ?? null;
            $rows[] = [
                'id' => $one->id,
                'supplier' => $one->supplier->name,
                'grade' => "{$words->text(Mass::ofGrams($one->from_g))} to {$words->text(Mass::ofGrams($one->to_g))}",
                'state' => $one->state->value,
                'price' => $words->rate($one->price($settings))->shown(),
                'box' => $one->box,
                'available' => $one->available,
                'order_by' => $one->order_by,
                'yield' => $yield === null ? null : [
                    'mean_pct' => round($yield->meanPct, 1),
                    'records' => $yield->records,
                ],
                'left_out' => $out[$one->id] ?? null,
                'outcome' => $outcome === null || $rates === null
                    ? null
                    : self::outcome($outcome, $need, $kind, $short, $rates),
            ];
        }

        return [
            'offers' => $rows,
            'best' => $order?->best?->offer->id,
            'season' => SeasonView::of($need, Moment::day($this->clock->now()), $order?->best),
            'par' => Par::told($kind->id),
            'hands' => $order?->best === null
                ? null
                : HandsForIt::of($order->best, $rates, $by),
            'mix' => $order?->mix === null ? null : [
                'fish' => array_map(
                    fn (string $offer, int $fish): array => ['offer' => $offer, 'fish' => $fish],
                    array_keys($order->mix->fish),
                    $order->mix->fish,
                ),
                'cost' => $order->mix->cost->print(),
                'saves' => $order->best === null ? null : $order->best->cost->minus($order->mix->cost)->print(),
                'short' => self::nights($order->mix->shortPct),
            ],
        ];
    }

    private static function offer(ListedOffer $one, TrimmedYield $yield, float $minutes, Settings $settings): Offer
    {
        $portions = $yield->inPortions();

        return new Offer(
            $one->id,
            $one->from_g,
            $one->to_g,
            $one->price($settings),
            $portions->meanPct,
            $portions->lotSdPct,
            $portions->fishSdPct,
            $one->box,
            $one->available ?? Offer::USUALLY,
            $minutes,
        );
    }

    /** Why an offer is not looked at; null when it is. */
    private static function leftOut(ListedOffer $listed, ?Offer $offer, SpeciesNeed $need, Species $kind): ?string
    {
        $rules = Sourcing::against($kind->id, null, null, $listed->supplier_id);
        if ($rules !== []) {
            return "not bought here: {$rules[0]}";
        }
        if ($offer === null) {
            return 'no yield is known of fish sold so';
        }
        $dish = $need->dishes[0]->dish;
        $side = $offer->sideGrams($kind->form->fillets());
        $thick = FilletGuess::of($kind->form->shape(), max(1.0, $side))->thicknessMm;

        return $dish->thin_mm !== null && $thick < $dish->thin_mm
            ? "its fillets are about {$thick} mm thick, and {$dish->name} wants {$dish->thin_mm} mm"
            : null;
    }

    /** @param  non-empty-list<Offer>  $offers */
    private static function order(SpeciesNeed $need, Species $kind, array $offers, float $short, Rates $rates): Order
    {
        return count($need->dishes) === 1
            ? Order::of(self::need($need->dishes[0]), self::cut($need->dishes[0], $kind), $offers, $short, $rates)
            : Order::ofSeveral(self::servings($need), 0.0, $kind->form->fillets(), $offers, $short, $rates);
    }

    /** What exactly so many fish would mean. */
    private static function exactly(
        SpeciesNeed $need,
        Species $kind,
        Offer $offer,
        int $fish,
        float $short,
        Rates $rates,
    ): Outcome {
        $held = max(0, min($fish, $offer->most()));
        $sides = $kind->form->fillets();
        $first = $need->dishes[0];

        return count($need->dishes) === 1
            ? Order::ofFish(self::need($first), self::cut($first, $kind), $offer, $held, $short, $rates)
            : Order::ofFishForSeveral(self::servings($need), 0.0, $sides, $offer, $held, $short, $rates);
    }

    /** @return Answer */
    private static function outcome(Outcome $one, SpeciesNeed $need, Species $kind, float $short, Rates $rates): array
    {
        $fewer = $one->fish >= $one->offer->box && count($need->dishes) === 1
            ? self::exactly($need, $kind, $one->offer, $one->fish - $one->offer->box, $short, $rates)
            : null;

        return [
            'enough' => $one->enough,
            'fish' => $one->fish,
            'most' => $one->offer->most(),
            'kilos' => round($one->massGrams() / 1000, 1),
            'per_fish' => $one->fish > 0 ? round($one->portionsMean / $one->fish, 2) : 0.0,
            'portions' => [
                'low' => $one->fewest(),
                'mean' => round($one->portionsMean, 1),
                'high' => $one->most(),
            ],
            'short' => self::nights($one->shortPct),
            'short_mean' => round($one->shortMean, 2),
            'surplus_mean' => round($one->surplusMean, 1),
            'cost' => $one->cost->print(),
            'by_money' => $one->byMoney === null ? null : [
                'fish' => $one->byMoney->fish,
                'short' => self::nights($one->byMoney->shortPct),
            ],
            'dishes' => array_map(
                fn (DishOutcome $dish): array => [
                    'dish' => $dish->id,
                    'short' => self::nights($dish->shortPct),
                    'surplus_mean' => round($dish->surplusMean, 1),
                ],
                $one->dishes,
            ),
            'fewer' => $fewer === null ? null : [
                'fish' => $one->offer->box,
                'short' => self::nights($fewer->shortPct),
                'saves' => $one->cost->minus($fewer->cost)->print(),
            ],
        ];
    }

    private static function rates(Species $kind, ListedOffer $offer, SpeciesNeed $need, Settings $settings): Rates
    {
        $dish = $need->dishes[0]->dish ?? null;
        $mince = $settings->perKg(HouseBin::of(Bin::Mince)->value_per_kg_minor);

        return new Rates(
            $settings->labourPerHour,
            (new GradeYield($kind, $offer->state))->trim($settings),
            $dish?->worth($settings),
            $dish === null ? null : $mince->times($dish->band()->target),
        );
    }

    private static function need(DishNeed $dish): Need
    {
        return Need::of($dish->demand, $dish->onHand());
    }

    /** Nothing is lost at the ends here: an offer's yield is what can be portions. */
    private static function cut(DishNeed $dish, Species $kind): Cut
    {
        return new Cut($dish->dish->band()->target->grams(), 0.0, $kind->form->fillets());
    }

    /** @return non-empty-list<Serving> */
    private static function servings(SpeciesNeed $need): array
    {
        $serving = fn (DishNeed $one): Serving => new Serving(
            $one->dish->id,
            $one->dish->band()->target->grams(),
            $one->demand,
            $one->onHand(),
        );

        return [$serving($need->dishes[0]), ...array_map($serving, array_slice($need->dishes, 1))];
    }

    /** @return array{times: int|null, nights: int, pct: float} */
    private static function nights(float $pct): array
    {
        $chance = Chance::of($pct);

        return ['times' => $chance->times, 'nights' => $chance->nights, 'pct' => round($pct, 3)];
    }

    /**
     * @return array{Collection<int, Service>, string} services still to come up to a day, and that day
     */
    private function services(?string $until): array
    {
        $now = $this->clock->now();
        $today = Moment::day($now);
        $last = $until ?? $today->modify('+4 days')->format('Y-m-d');
        $last >= $today->format('Y-m-d') || throw Fault::inField('/until', 'That day is over.');
        $services = Service::held()
            ->with('dishes')
            ->where('day', '>=', $today->format('Y-m-d'))
            ->where('day', '<=', $last)
            ->get()
            ->filter(fn (Service $one): bool => $one->moment() > $now);

        return [$services->values(), $last];
    }
}
