<?php

declare(strict_types=1);

namespace App\Log\Season;

use App\Catalogue\Seasons;
use App\Catalogue\Species;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Log\Find\FishQuery;
use App\Log\Ledger\LoggedFish;
use App\Portion\Dish\Dish;
use DateTimeImmutable;
use Sectum\Fish\SeasonMonths;
use Sectum\Log\Find\Level;
use Sectum\Log\Season\MenuReason;
use Sectum\Log\Season\Outlook;
use Sectum\Measure\Mass;

/** Each kind of fish through the year, the house's own months over the starting calendar; and next month's menu. */
final readonly class SeasonYearView
{
    private Settings $settings;

    private Words $words;

    public function __construct(private Person $reader)
    {
        $this->settings = Settings::load();
        $this->words = Words::ofReader();
    }

    /** @return Answer */
    public function all(): array
    {
        $next = Moment::day(now())->modify('first day of next month');
        $months = $this->months();
        $list = [];
        foreach (Species::query()->whereKey(array_keys($months))->orderBy('name')->get() as $species) {
            $list[] = $this->species($species, $months[$species->id], $next);
        }
        usort($list, fn (array $a, array $b): int => $b['weight'] <=> $a['weight']);

        return ['next' => $next->format('F'), 'month' => (int) $next->format('n'), 'species' => $list];
    }

    /**
     * @param  array<int, Row>  $own
     * @return array{weight: int}&Answer
     */
    private function species(Species $species, array $own, DateTimeImmutable $next): array
    {
        $year = Seasons::of($species->id);
        $mean = self::mean($own);
        $month = (int) $next->format('n');
        $start = $year->in($month);
        $outlook = Outlook::of(
            $start,
            self::dearer($own[$month] ?? null, $mean),
            (int) ($own[$month] ?? null)?->number('fish'),
            self::level($own[$month] ?? null),
            self::suits($species, $start),
        );

        return [
            'species' => $species->id,
            'name' => $species->name,
            'weight' => $outlook->weight,
            'reasons' => array_map(fn (MenuReason $one): string => $one->value, $outlook->reasons),
            'why' => $start?->why,
            'source' => $start?->source,
            'months' => array_map(
                fn (int $one): array => $this->month($one, $year->in($one), $own[$one] ?? null, $mean),
                range(1, 12),
            ),
        ];
    }

    /** @return Answer */
    private function month(int $month, ?SeasonMonths $start, ?Row $own, ?float $mean): array
    {
        $level = self::level($own);
        $price = $own === null || $own->number('whole') <= 0
            ? null
            : $this->settings
                ->money((int) round($own->number('paid')))
                ->per(Mass::ofMilligrams((int) $own->number('whole')));
        $dearer = self::dearer($own, $mean);

        return [
            'month' => $month,
            'supply' => $start?->supply->value,
            'fat' => $start?->fat?->value,
            'roe' => $start->roe ?? false,
            'points' => $start === null ? null : round($start->yieldPoints, 1),
            'fish' => (int) $own?->number('fish'),
            'bought' => $own === null ? null : $this->words->mass(Mass::ofMilligrams((int) $own->number('whole'))),
            'own' => $level === null ? null : round($level->mean, 1),
            'low' => $level?->low === null ? null : round($level->low, 1),
            'high' => $level?->high === null ? null : round($level->high, 1),
            'fats' => array_map(
                fn (string $grade): int => (int) $own?->number($grade),
                ['lean' => 'lean', 'good' => 'good', 'fat' => 'fat'],
            ),
            'price' => $price === null || ! $this->reader->seesPrices() ? null : $this->words->rate($price)->text(),
            'dearer' => $dearer === null || ! $this->reader->seesPrices() ? null : round($dearer, 1),
        ];
    }

    /** @return array<string, array<int, Row>> by species and month of the year */
    private function months(): array
    {
        $off = FishQuery::OFF;
        $rows = LoggedFish::expected()
            ->join('fish', 'fish.id', 'logged_fish.fish_id')
            ->whereNull('suspect')
            ->where('whole_mg', '>', 0)
            ->groupByRaw('species, month')
            ->selectRaw('logged_fish.species_id as species, cast(substr(received_on, 6, 2) as integer) as month')
            ->selectRaw('sum(logged_fish.count) as fish, sum(whole_mg) as whole')
            ->selectRaw('sum(fish.price_per_kg_minor * whole_mg / 1000000.0) as paid')
            ->selectRaw("count({$off}) as told, sum({$off}) as sum, sum(({$off}) * ({$off})) as squares")
            ->selectRaw("sum(logged_fish.fat_grade = 'lean') as lean, sum(logged_fish.fat_grade = 'good') as good")
            ->selectRaw("sum(logged_fish.fat_grade = 'fat') as fat")
            ->get();
        $months = [];
        foreach (Row::all($rows) as $row) {
            $months[$row->text('species')][(int) $row->number('month')] = $row;
        }

        return $months;
    }

    private static function level(?Row $own): ?Level
    {
        return $own === null || $own->number('told') < 1
            ? null
            : Level::of((int) $own->number('told'), $own->number('sum'), $own->number('squares'));
    }

    /**
     * @param  array<int, Row>  $own
     * @return float|null minor units a milligram over the year
     */
    private static function mean(array $own): ?float
    {
        $whole = array_sum(array_map(fn (Row $row): float => $row->number('whole'), $own));
        $paid = array_sum(array_map(fn (Row $row): float => $row->number('paid'), $own));

        return $whole > 0 && $paid > 0 ? $paid / $whole : null;
    }

    /** Percent a month was dearer than the year; null where nothing is known. */
    private static function dearer(?Row $own, ?float $mean): ?float
    {
        return $own === null || $mean === null || $own->number('whole') <= 0
            ? null
            : 100 * ($own->number('paid') / $own->number('whole') / $mean - 1);
    }

    /** Whether a dish of this fish wants it as fat as it will be; null where no dish minds, or nobody knows. */
    private static function suits(Species $species, ?SeasonMonths $start): ?bool
    {
        $fat = $start?->fat;
        $minding = Dish::cutFor($species->id)->filter(fn (Dish $dish): bool => $dish->fat_grades !== '');

        return $fat === null || $minding->isEmpty()
            ? null
            : $minding->contains(fn (Dish $dish): bool => $dish->suits($fat));
    }
}
