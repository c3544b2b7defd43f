<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use DateTimeImmutable;
use Psr\Clock\ClockInterface;
use Sectum\Math\Counted;
use Sectum\Math\Shrunken;

/** The calendar of services: what each wants, and what services past say of the days to come. */
final readonly class ServicesView
{
    /** Days shown from today on; and days back, to type what was sold. */
    public const DAYS = 14;

    private const BACK = 7;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $today = Moment::day($this->clock->now());
        $learned = Learned::here();
        $services = Service::held()
            ->with('dishes')
            ->where('day', '>=', $today->modify('-'.self::BACK.' days')->format('Y-m-d'))
            ->where('day', '<', $today->modify('+'.self::DAYS.' days')->format('Y-m-d'))
            ->get();
        $of = fn (string $day): array => array_map(
            fn (Service $one): array => $this->service($one, $learned, $person->seesPrices()),
            array_values($services->where('day', $day)->all()),
        );
        $days = [];
        for ($i = 0; $i < self::DAYS; $i++) {
            $day = $today->modify("+{$i} days");
            $days[] = [
                'day' => $day->format('Y-m-d'),
                'name' => $i === 0 ? 'today' : $day->format('D j M'),
                'services' => $of($day->format('Y-m-d')),
                'usual' => self::usual($learned->covers((int) $day->format('N')), $day),
            ];
        }

        return [
            'days' => $days,
            'over' => array_map(
                fn (Service $one): array => $this->service($one, $learned, $person->seesPrices()),
                array_values($services->where('day', '<', $today->format('Y-m-d'))->reverse()->all()),
            ),
            'dishes' => array_map(
                fn (Dish $dish): array => ['id' => $dish->id, 'name' => $dish->name],
                array_values(Dish::onTheList()->whereNotNull('species_id')->all()),
            ),
        ];
    }

    /** @return Answer */
    private function service(Service $service, Learned $learned, bool $prices): array
    {
        $menu = new Menu($service, $learned);
        $guests = $service->guests();

        return [
            'id' => $service->id,
            'version' => $service->version,
            'day' => $service->day,
            'date' => Moment::at($service->day)->format('D j M'),
            'at' => $service->at,
            'kind' => $service->kind->value,
            'name' => $service->name,
            'covers' => $service->covers,
            'covers_sd' => $service->covers_sd,
            'no_show_pct' => $service->no_show_pct,
            'no_show_sd_pct' => $service->no_show_sd_pct,
            'spare_pct' => $service->spare_pct,
            'guaranteed' => $service->guaranteed,
            'cooked_for' => ['mean' => $guests->count, 'sd' => round($guests->sd, 1)],
            'note' => $service->note,
            'event' => $service->event,
            'allergies' => AllergyGuests::of($service),
            ...$prices ? ['quote' => self::quote($service)] : [],
            'over' => $service->moment() <= $this->clock->now(),
            'sold_covers' => $service->sold_covers,
            'dishes' => array_map(function (ServiceDish $one) use ($menu): array {
                $takes = $menu->takeUp($one);

                return [
                    'dish' => $one->dish_id,
                    'name' => Dish::of($one->dish_id)->name ?? '',
                    'share_pct' => $one->share_pct,
                    'chosen' => $one->chosen,
                    'cut_before' => $one->cut_before,
                    'course' => $one->course->value,
                    'takes_pct' => round($takes->sharePct, 1),
                    'learned' => $one->share_pct === null ? $takes->services : 0,
                    'portions' => self::portions($menu->demand($one)->portions),
                    'sold' => $one->sold,
                ];
            }, array_values($service->dishes->all())),
        ];
    }

    private static function quote(Service $service): ?string
    {
        return $service->quote_minor === null
            ? null
            : Settings::load()->money($service->quote_minor)->plain();
    }

    /**
     * What is wanted, drawn as a stroke: what nine nights of ten lie between.
     *
     * @return array{low: int, mean: float, high: int}
     */
    public static function portions(Counted $portions): array
    {
        return [
            'low' => $portions->atLeast(0.95),
            'mean' => round($portions->mean(), 1),
            'high' => $portions->atLeast(0.05),
        ];
    }

    /** @return Answer|null */
    private static function usual(?Shrunken $covers, DateTimeImmutable $day): ?array
    {
        return $covers === null
            ? null
            : [
                'covers' => (int) round($covers->mean),
                'sd' => round($covers->sd, 1),
                'from' => $covers->records,
                'weekday' => $day->format('l'),
            ];
    }
}
