<?php

declare(strict_types=1);

namespace App\Plan\Prep;

use App\Fish\Fish;
use App\Fish\Stage;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use App\Plan\Order\OnHand;
use App\Plan\Order\OrderLine;
use App\Portion\CutPlan\Cut;
use App\Portion\Dish\Dish;
use App\Portion\Tonight\ExpectedSides;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sectum\Plan\Work\CuttingPace;
use Sectum\Plan\Work\LotToCut;
use Sectum\Portion\Together\UncutSides;

/** Fish for the board on a day: fillets that wait, fish in the cold room and at the door, and what is coming. */
final readonly class LotsOfDay
{
    private function __construct(
        private string $day,
        private string $today,
        private CuttingPace $pace,
        private Settings $settings,
    ) {
    }

    /**
     * @param  list<string>  $species
     * @param  string  $today  the kitchen day
     * @return list<LotHere> what is cut first in front: what lies in fillets, then what ends first, then what comes
     */
    public static function of(string $day, string $today, array $species): array
    {
        $lots = new self($day, $today, HousePace::learned(), Settings::load());

        return [...$lots->here($species), ...$lots->coming($species)];
    }

    /**
     * @param  list<string>  $species
     * @return list<LotHere>
     */
    private function here(array $species): array
    {
        $waiting = Fish::toBeCut()
            ->whereIn('species_id', $species)
            ->whereNull('refused')
            ->whereNull('held')
            ->filter(fn (Fish $one): bool => $one->keeps_until === null || $one->keeps_until >= $this->day);
        $fish = $waiting->sortBy(fn (Fish $one): array => [
            $one->stage !== Stage::Portion,
            $one->keeps_until ?? '9',
            $one->number,
        ]);
        Cut::ofAll($fish);
        $stood = $this->stood($fish);
        $lots = [];
        foreach ($fish->groupBy(fn (Fish $one): string => self::group($one)) as $group => $together) {
            $lot = $this->lot($group, $together, $stood);
            if ($lot !== null) {
                $lots[] = $lot;
            }
        }

        return $lots;
    }

    private static function group(Fish $fish): string
    {
        $lot = Fish::lot($fish->id, $fish->line_id);

        return $fish->stage === Stage::BreakDown ? $lot : "{$fish->stage->value} {$lot}";
    }

    /**
     * @param  Collection<int, Fish>  $fish  of one lot, at one stage
     * @param  array<string, true>  $stood
     */
    private function lot(string $group, Collection $fish, array $stood): ?LotHere
    {
        $sides = [];
        $grams = $minutes = 0.0;
        $count = 0;
        $ready = null;
        foreach ($fish as $one) {
            $of = OnHand::sides($one);
            if ($of === null) {
                continue;
            }
            $sides[] = $of;
            $count += $one->count;
            $each = $one->mass()->grams() / max(1, $one->count);
            $grams += $one->mass()->grams();
            $minutes += $one->stage === Stage::Portion || $each <= 0
                ? 0.0
                : $one->count * $this->pace->minutes($one->species_id, $one->method ?? '', $each);
            $ready = max($ready, $this->rests($one));
        }
        $first = $fish->first();
        if ($sides === [] || $first === null) {
            return null;
        }

        return new LotHere(
            new LotToCut(
                $group,
                $count,
                $minutes / $count,
                self::portions($first->species_id, $sides, $count),
                $ready,
                // What waits at the door today will have been received by another day.
                $first->stage === Stage::Receive && $this->day === $this->today,
                isset($stood[$first->id]),
            ),
            $first->species,
            self::numbers($fish),
            (int) round($grams / $count),
            $first,
        );
    }

    /** @param  Collection<int, Fish>  $fish */
    private static function numbers(Collection $fish): string
    {
        $numbers = array_map(fn (Fish $one): int => $one->number, array_values($fish->all()));
        sort($numbers);
        [$first, $last] = [$numbers[0] ?? 0, $numbers[count($numbers) - 1] ?? 0];
        $row = $first < $last && $last - $first === count($numbers) - 1;

        return $row ? "no. {$first} to {$last}" : 'no. '.implode(', ', $numbers);
    }

    /** Minute of the day at which its rest is over; null when it may be cut at any. */
    private function rests(Fish $fish): ?float
    {
        if ($fish->rests_until === null) {
            return null;
        }
        $minutes = (Moment::at($fish->rests_until)->getTimestamp() - Moment::at($this->day)->getTimestamp()) / 60;

        return $minutes > 0 ? ceil($minutes) : null;
    }

    /**
     * Fish on the portion bench of which some fillet stood in a brine or a cure.
     *
     * @param  Collection<int, Fish>  $fish
     * @return array<string, true>
     */
    private function stood(Collection $fish): array
    {
        $stood = [];
        $rows = DB::table('treated_things')
            ->join('pieces', 'pieces.id', 'treated_things.piece_id')
            ->whereIn('pieces.fish_id', $fish->where('stage', Stage::Portion)->pluck('id'))
            ->distinct()
            ->pluck('pieces.fish_id');
        foreach ($rows as $one) {
            $stood[is_string($one) ? $one : ''] = true;
        }

        return $stood;
    }

    /**
     * @param  list<string>  $species
     * @return list<LotHere> fish that is ordered and has not come
     */
    private function coming(array $species): array
    {
        $lots = [];
        foreach (OrderLine::onTheirWay($species, $this->today, $this->day) as $line) {
            $sides = $line->sides();
            if ($sides->meanGrams <= 0) {
                continue;
            }
            $grams = $line->mass()->grams() / $line->fish;
            $sameDay = $line->order->for_day === $this->day;
            $lots[] = new LotHere(
                new LotToCut(
                    "order {$line->id}",
                    $line->fish,
                    $this->pace->minutes($line->species_id, '', $grams),
                    self::portions($line->species_id, [$sides], $line->fish),
                    $sameDay ? $this->settings->prep->deliveries : null,
                    $sameDay,
                ),
                $line->species,
                "order {$line->order->number}",
                (int) round($grams),
            );
        }

        return $lots;
    }

    /**
     * @param  list<UncutSides>  $sides
     * @return array<string, float> portions one fish gives, by dish
     */
    private static function portions(string $species, array $sides, int $fish): array
    {
        $portions = [];
        foreach (Dish::cutFor($species) as $dish) {
            $portions[$dish->id] = ExpectedSides::give($sides, $dish->band()->target)->expected / $fish;
        }

        return $portions;
    }
}
