<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use App\Catalogue\Species;
use App\Contract\Fields;
use App\Kitchen\Person;
use App\Plan\Order\ListedOffer;
use App\Plan\Order\PlaceOrder;
use App\Plan\Order\StoreOffer;
use App\Plan\Prep\Shift;
use App\Plan\Service\Service;
use App\Plan\Service\StoreService;
use App\Portion\Dish\Dish;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The book: eight weeks of dinners with what they sold, two weeks that are booked, a banquet, and what is offered. */
final readonly class Book
{
    private const WEEKS = 8;

    /** Covers of a dinner by weekday, Thursday to Sunday, and what of a hundred guests takes each fish. */
    private const COVERS = [4 => 46, 5 => 78, 6 => 92, 7 => 58];

    private const TAKES = ['Hake' => 26, 'Arctic char' => 22, 'Gilthead bream' => 18, 'Zander' => 13, 'Brill' => 10];

    /** by species: from, to, price a kilo, box */
    private const OFFERS = [
        ['Hake', 'Harbourgate Fish', '2000 g', '3000 g', '9.40', 1],
        ['Hake', 'Harbourgate Fish', '3000 g', '4000 g', '9.80', 2],
        ['Hake', 'Harbourgate Fish', '700 g', '1000 g', '8.20', 6],
        ['Arctic char', 'Northwater Fish Farm', '1000 g', '2000 g', '12.90', 1],
        ['Arctic char', 'Northwater Fish Farm', '2000 g', '3000 g', '13.90', 1],
        ['Zander', 'Lakeside Fishery', '1500 g', '2500 g', '15.40', 1],
        ['Gilthead bream', 'Harbourgate Fish', '600 g', '800 g', '11.20', 5],
        ['Brill', 'Harbourgate Fish', '2000 g', '3000 g', '17.60', 1],
    ];

    /** Who cuts from when to when on the days there is a service, minutes of the day; the chef not at all. */
    private const SHIFTS = [1 => [540, 1020], 2 => [660, 1140]];

    /** by species: fish ordered for the next service day */
    private const ORDERED = ['Zander' => 4];

    public function __construct(
        private StoreService $services,
        private StoreOffer $offers,
        private PlaceOrder $order,
    ) {
    }

    /** @param  list<Person>  $crew */
    public function fill(Carbon $today, array $crew, Noise $noise): void
    {
        $chef = $crew[0];
        for ($ago = 7 * self::WEEKS; $ago >= -13; $ago--) {
            $day = $today->copy()->subDays($ago);
            $usual = self::COVERS[$day->dayOfWeekIso] ?? null;
            if ($usual === null) {
                continue;
            }
            Carbon::setTestNow($ago > 0 ? $day->copy()->setTime(9, 0) : $today->copy()->setTime(6, 25));
            $id = $this->dinner($day, $usual, $chef);
            if ($ago > 0) {
                Carbon::setTestNow($day->copy()->setTime(23, 40));
                $this->sold($id, (int) round($noise->about($usual, 0.12 * $usual)), $chef, $noise);
            }
        }
        Carbon::setTestNow($today->copy()->setTime(6, 25));
        $this->banquet($today->copy()->addDays(8), $chef);
        foreach (self::OFFERS as [$species, $supplier, $from, $to, $price, $box]) {
            ($this->offers)(
                (string) Str::ulid(),
                new Fields([
                    'supplier' => $supplier,
                    'species' => Species::query()->where('name', $species)->firstOrFail()->id,
                    'state' => Market::FISH[$species][0],
                    'from' => $from,
                    'to' => $to,
                    'price_per_kg' => $price,
                    'box' => $box,
                    'order_by' => '11:00',
                ]),
                $chef,
            );
        }
        $this->shifts($today, $crew);
        $this->ordered($today, $chef);
        Carbon::setTestNow();
    }

    /**
     * Of the last seven days, so that every day to come is as it was a week before.
     *
     * @param  list<Person>  $crew
     */
    private function shifts(Carbon $today, array $crew): void
    {
        foreach (range(1, 7) as $ago) {
            foreach (self::SHIFTS as $one => [$from, $to]) {
                Shift::query()->create([
                    'id' => (string) Str::ulid(),
                    'day' => $today->copy()->subDays($ago)->format('Y-m-d'),
                    'person_id' => $crew[$one]->id,
                    'from_minute' => $from,
                    'to_minute' => $to,
                    'stored_by' => $crew[0]->id,
                ]);
            }
        }
    }

    /** Some of what the next dinner wants is on its way. */
    private function ordered(Carbon $today, Person $chef): void
    {
        $next = $today->copy()->addDay();
        while (! isset(self::COVERS[$next->dayOfWeekIso])) {
            $next->addDay();
        }
        foreach (self::ORDERED as $species => $fish) {
            $offer = ListedOffer::query()
                ->where('species_id', Species::query()->where('name', $species)->firstOrFail()->id)
                ->firstOrFail();
            ($this->order)((string) Str::ulid(), new Fields([
                'for_day' => $next->format('Y-m-d'),
                'lines' => [['offer' => $offer->id, 'fish' => $fish]],
            ]), $chef);
        }
    }

    private function dinner(Carbon $day, int $covers, Person $chef): string
    {
        $id = (string) Str::ulid();
        ($this->services)($id, new Fields([
            'day' => $day->format('Y-m-d'),
            'at' => '19:00',
            'kind' => 'dining-room',
            'name' => 'Dinner',
            'covers' => $covers,
            'covers_sd' => 9,
            'dishes' => array_map(
                fn (string $species): array => ['dish' => self::dish($species)],
                array_keys(self::TAKES),
            ),
        ]), $chef);

        return $id;
    }

    private function sold(string $service, int $covers, Person $chef, Noise $noise): void
    {
        $dishes = [];
        foreach (self::TAKES as $species => $pct) {
            $dishes[] = [
                'dish' => self::dish($species),
                'sold' => max(0, (int) round($noise->about(($covers * $pct) / 100, 0.15 * $covers * $pct / 100))),
            ];
        }
        $this->services->sold($service, new Fields([
            'act' => (string) Str::ulid(),
            'covers' => $covers,
            'version' => Service::query()->findOrFail($service)->version,
            'dishes' => $dishes,
        ]), $chef);
    }

    /** A dinner for 160 on the evening, and a lunch the day after. */
    private function banquet(Carbon $day, Person $chef): void
    {
        $meals = [[0, '18:30', 'Guild dinner', 'Hake', 160], [1, '12:30', 'Guild lunch', 'Arctic char', 120]];
        foreach ($meals as $meal) {
            [$later, $at, $name, $species, $guests] = $meal;
            ($this->services)((string) Str::ulid(), new Fields([
                'day' => $day->copy()->addDays($later)->format('Y-m-d'),
                'at' => $at,
                'kind' => 'banquet',
                'name' => $name,
                'covers' => $guests,
                'no_show_pct' => 4,
                'no_show_sd_pct' => 2,
                'spare_pct' => 3,
                'event' => 'Guild days',
                'quote' => $later === 0 ? '58.00' : '36.00',
                'dishes' => [['dish' => self::dish($species), 'share_pct' => 100]],
            ]), $chef);
        }
    }

    private static function dish(string $species): string
    {
        return Dish::query()->where('name', Market::FISH[$species][4])->firstOrFail()->id;
    }
}
