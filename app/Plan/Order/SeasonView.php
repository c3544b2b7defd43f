<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\BreakDown\Yields\KeptYield;
use App\Catalogue\Seasons;
use App\Catalogue\Species;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use DateTimeImmutable;
use Sectum\Fish\FatGrade;
use Sectum\Fish\Rung;
use Sectum\Fish\SeasonMonths;
use Sectum\Math\Shrunken;
use Sectum\Plan\Order\Outcome;

/** What the month means for a fish that is to be ordered: dish, number, roe, and what to freeze before it is short. */
final readonly class SeasonView
{
    /** Spread of a starting figure, points, and how many fish of the month it counts for. Our estimates. */
    private const SD = 1.5;

    private const STRENGTH = 8.0;

    /** Days in a month, and the fewest days portions are told from. */
    private const MONTH = 30.4;

    private const FEWEST = 7;

    /** @return Answer|null null when nothing is known of its year */
    public static function of(SpeciesNeed $need, DateTimeImmutable $day, ?Outcome $best): ?array
    {
        $year = Seasons::of($need->species->id);
        $month = (int) $day->format('n');
        $now = $year->in($month);
        if ($now === null) {
            return null;
        }
        $house = self::house($need->species, $month, $now->yieldPoints);
        $short = $year->shortAhead($month);

        return [
            'month' => $day->format('F'),
            'fat' => $now->fat?->value,
            'roe' => $now->roe,
            'supply' => $now->supply->value,
            'why' => $now->why,
            'source' => $now->source,
            'points' => round($house->mean ?? $now->yieldPoints, 1),
            'own' => $house->records ?? 0,
            'fish' => $best === null ? 0 : self::fishMore($best, $house->mean ?? $now->yieldPoints),
            'unsuited' => $now->fat === null ? [] : self::unsuited($need, $now->fat),
            'ahead' => $short === null ? null : self::ahead($need, $short, $day),
        ];
    }

    /** Points of the month against all fish of its kind here, drawn from the starting figure; null without any. */
    private static function house(Species $species, int $month, float $start): ?Shrunken
    {
        $all = $own = [];
        foreach (
            Row::all(
                KeptYield::rows()
                    ->join('fish', 'fish.id', 'yield_records.fish_id')
                    ->where('yield_records.species_id', $species->id)
                    ->where('rung', Rung::Fillets->value)
                    ->get(['pct', 'received_at']),
            ) as $row
        ) {
            $all[] = $row->number('pct');
            if ((int) Moment::day($row->text('received_at'))->format('n') === $month) {
                $own[] = $row->number('pct');
            }
        }
        // A year of which one month only is known says nothing of that month against the others.
        if ($own === [] || count($own) === count($all)) {
            return null;
        }
        $mean = array_sum($all) / count($all);

        return Shrunken::of($start, self::SD, self::STRENGTH, array_map(fn (float $one): float => $one - $mean, $own));
    }

    /** Fish more, or fewer, than by the yield of the whole year. */
    private static function fishMore(Outcome $best, float $points): int
    {
        $pct = $best->offer->yieldPct;

        return $pct + $points <= 0 ? 0 : (int) round(($best->fish * $pct) / ($pct + $points)) - $best->fish;
    }

    /** @return list<string> dishes that want it of another fat */
    private static function unsuited(SpeciesNeed $need, FatGrade $fat): array
    {
        $dishes = array_map(fn (DishNeed $one): Dish => $one->dish, $need->dishes);

        return array_values(array_map(
            fn (Dish $one): string => $one->name,
            array_filter($dishes, fn (Dish $one): bool => ! $one->suits($fat)),
        ));
    }

    /** @return Answer when it is short, for how long, and portions to freeze before at the pace of these services */
    private static function ahead(SpeciesNeed $need, SeasonMonths $short, DateTimeImmutable $today): array
    {
        $last = array_map(fn (Service $one): string => $one->day, $need->services);
        $days = $last === [] ? 0 : 1 + (int) $today->diff(Moment::at(max($last)))->format('%r%a');
        $wanted = array_sum(array_map(fn (DishNeed $one): float => array_sum($one->wanted), $need->dishes));
        $name = fn (int $month): string => (new DateTimeImmutable("2026-{$month}-01"))->format('F');

        return [
            'from' => $name($short->from),
            'to' => $name($short->to),
            'why' => $short->why,
            'source' => $short->source,
            'portions' => (int) round(($wanted / max(self::FEWEST, $days)) * self::MONTH * $short->months()),
        ];
    }
}
