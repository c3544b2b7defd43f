<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Fish\Fish;
use App\Hold\Kept\KeptTray;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Plan\Service\Learned;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Math\Counted;
use Sectum\Plan\Order\Demand;

/** What the services of some days want of one kind of fish, dish by dish, and what of it is in the house. */
final readonly class SpeciesNeed
{
    /** The latest fish of a kind its keeping is told from, and the fewest that say anything. Our estimates. */
    private const LATEST = 40;

    private const FEWEST = 5;

    /**
     * @param  list<Service>  $services  that want it, in order
     * @param  list<DishNeed>  $dishes  in order of importance
     * @param  string|null  $keptFor  what is served after this day is left to another delivery: it would not keep
     * @param  int|null  $keepsDays  fish of this kind usually keep in the cold room; null when too few were here
     */
    private function __construct(
        public Species $species,
        public array $services,
        public array $dishes,
        public ?string $keptFor,
        public ?int $keepsDays,
    ) {
    }

    /** @param  Collection<int, Service>  $services  held, with their dishes, in order */
    public static function of(Species $species, Collection $services): self
    {
        $dishes = Dish::onTheList()->where('species_id', $species->id)->keyBy('id');
        $wanting = array_values(
            $services
                ->filter(
                    fn (Service $one): bool => $one->dishes->whereIn('dish_id', $dishes->keys()->all())->isNotEmpty(),
                )
                ->all(),
        );
        $keeps = self::keeps($species);
        $last = $keeps === null || $wanting === []
            ? null
            : Moment::at($wanting[0]->day)->modify("+{$keeps} days")->format('Y-m-d');
        $kept = array_values(array_filter($wanting, fn (Service $one): bool => $last === null || $one->day <= $last));
        $trays = $kept === [] ? [] : OnHand::trays(array_keys($dishes->all()), $kept[0]->day);
        $needs = [];
        foreach ($dishes as $dish) {
            $needs[] = self::dish($dish, $kept, $trays);
        }
        $needs = array_values(array_filter($needs, fn (DishNeed $one): bool => $one->wanted !== []));
        usort($needs, fn (DishNeed $a, DishNeed $b): int => [$b->dish->priority->weight(), $b->dish->target_mg] <=> [
            $a->dish->priority->weight(),
            $a->dish->target_mg,
        ]);
        if ($needs !== []) {
            // Fish that lies uncut is counted to the dish that comes first, by what it gives with some certainty.
            $uncut = OnHand::uncut([$species->id], $kept[0]->day)[$species->id] ?? [];
            $needs[0] = $needs[0]->withUncut($uncut);
        }

        return new self($species, $kept, $needs, count($kept) < count($wanting) ? $last : null, $keeps);
    }

    /**
     * @param  list<Service>  $services
     * @param  list<KeptTray>  $trays  kept
     */
    private static function dish(Dish $dish, array $services, array $trays): DishNeed
    {
        $learned = Learned::here();
        $all = new Counted([1.0]);
        $wanted = [];
        foreach ($services as $service) {
            $on = $service->dishes->firstWhere('dish_id', $dish->id);
            if ($on !== null) {
                $demand = (new Menu($service, $learned))->demand($on)->portions;
                $all = $all->and($demand);
                $wanted[$service->day] = ($wanted[$service->day] ?? 0.0) + $demand->mean();
            }
        }

        return new DishNeed($dish, Demand::counted($all), $wanted, OnHand::kept($dish->id, $trays, $wanted));
    }

    /** Days from the door to the end of its date, as fish of this kind usually came. */
    private static function keeps(Species $species): ?int
    {
        $rows = Row::all(
            Fish::rows()
                ->where('species_id', $species->id)
                ->whereNotNull('keeps_until')
                ->orderByDesc('number')
                ->limit(self::LATEST)
                ->get(['received_at', 'keeps_until']),
        );
        if (count($rows) < self::FEWEST) {
            return null;
        }
        $days = array_map(
            fn (Row $row): int => max(
                0,
                self::days(Moment::day($row->text('received_at')), Moment::day($row->text('keeps_until'))),
            ),
            $rows,
        );
        sort($days);

        return $days[intdiv(count($days), 2)];
    }

    private static function days(DateTimeImmutable $from, DateTimeImmutable $to): int
    {
        return (int) $from->diff($to)->format('%r%a');
    }
}
