<?php

declare(strict_types=1);

namespace App\Plan\Trim;

use App\Catalogue\HouseBin;
use App\Catalogue\UsualBins;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Plan\Order\OnHand;
use App\Plan\Order\TypicalFish;
use App\Plan\Service\Menu;
use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use App\Route\Bins\Bins;
use App\Route\Recipes\Recipe;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Plan\Work\TrimAhead;
use Sectum\Plan\Work\TrimDay;

/** The trim of the days to come, before any of it is cut: when there is a batch, and what the rest could carry. */
final readonly class TrimView
{
    private const DAYS = 7;

    /** A main course of mince or tartare for staff or a special, grams. Our estimate. */
    private const PLATE_G = 120.0;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $today = Moment::day($this->clock->now());
        $expected = $this->expected($today);
        $ledger = Bins::now()->ledger;
        $recipes = Recipe::query()->whereNull('retired_at')->orderBy('name')->get();
        $bins = [];
        foreach (HouseBin::byName() as $house) {
            $bin = $house->bin;
            $there = $ledger->in($bin);
            $days = $expected[$bin->value] ?? [];
            if ($bin === Bin::Discard || ($days === [] && ! $there->isPositive())) {
                continue;
            }
            $bins[] = $this->bin($house, $there, $days, $recipes->where('bin', $bin)->values(), $words, $today);
        }

        return [
            'from' => $today->format('D j M'),
            'until' => $today->modify('+'.(self::DAYS - 1).' days')->format('D j M'),
            'bins' => $bins,
        ];
    }

    /**
     * @param  list<TrimDay>  $days
     * @param  Collection<int, Recipe>  $recipes  made of it
     * @return Answer
     */
    private function bin(
        HouseBin $house,
        Mass $there,
        array $days,
        Collection $recipes,
        Words $words,
        DateTimeImmutable $today,
    ): array {
        $batch = $house->batch_mg === null ? null : $house->batch_mg / 1000;
        $ahead = TrimAhead::of($there->grams(), $batch, $today->format('Y-m-d'), $days);
        $mass = fn (float $grams): string => $words->text(Mass::ofGrams(round($grams)));

        return [
            'bin' => $house->bin->value,
            'name' => $house->bin->spoken(),
            'family' => $house->bin->family()->value,
            'in_bin' => $mass($there->grams()),
            'in_bin_g' => round($there->grams()),
            'ahead' => $mass($ahead->grams),
            'ahead_g' => round($ahead->grams),
            'sd_g' => round($ahead->sdGrams),
            'batch' => $batch === null ? null : $mass($batch),
            'batch_g' => $batch,
            'batches' => $ahead->batches,
            'ready' => $ahead->ready === null ? null : [
                'day' => $ahead->ready,
                'date' => Moment::at($ahead->ready)->format('l j F'),
                'now' => $ahead->ready === $today->format('Y-m-d'),
            ],
            'days' => array_map(fn (TrimDay $one): array => [
                'date' => Moment::at($one->day)->format('D j M'),
                'mass' => $mass($one->grams),
                'grams' => round($one->grams),
            ], $days),
            'good_for' => array_map(fn (Recipe $one): array => [
                'name' => $one->name,
                'makes' => $one->litres
                    ? number_format(($ahead->grams * $one->yield_per_kg) / 1000, 1).' L'
                    : $mass($ahead->grams * $one->yield_per_kg),
                'plates' => $one->litres || $house->bin === Bin::Crisp
                    ? null
                    : (int) floor(($ahead->grams * $one->yield_per_kg) / self::PLATE_G),
            ], array_values($recipes->all())),
        ];
    }

    /**
     * @return array<string, list<TrimDay>> by bin, day by day, of the fish the services to come still want cut
     */
    private function expected(DateTimeImmutable $today): array
    {
        $services = Service::held()
            ->with('dishes')
            ->where('day', '>=', $today->format('Y-m-d'))
            ->where('day', '<', $today->modify('+'.self::DAYS.' days')->format('Y-m-d'))
            ->get();
        $now = $this->clock->now();
        $wanted = Menu::wanted($services->filter(fn (Service $one): bool => $one->moment() > $now));
        $trays = OnHand::trays(array_keys($wanted), $today->format('Y-m-d'));
        $species = [];
        foreach (array_keys($wanted) as $dish) {
            $of = Dish::of($dish)?->species_id;
            if ($of !== null) {
                $species[$of] = true;
            }
        }
        $typical = TypicalFish::ofAll(array_keys($species));
        $sums = [];
        foreach ($wanted as $dish => $days) {
            $of = Dish::of($dish);
            $fish = $of?->species_id === null ? null : $typical[$of->species_id] ?? null;
            if ($of === null || $fish === null || $fish->portions($of) <= 0) {
                continue;
            }
            $kept = (float) OnHand::kept($dish, $trays, $days);
            foreach ($days as $day => $portions) {
                $cut = max(0.0, $portions - $kept);
                $kept = max(0.0, $kept - $portions);
                self::give($sums, $day, $fish, $fish->mass->grams() * ceil($cut / $fish->portions($of) - 1e-9));
            }
        }
        $expected = [];
        foreach ($sums as $bin => $byDay) {
            ksort($byDay);
            foreach ($byDay as $day => [$grams, $variance]) {
                $expected[$bin][] = new TrimDay($day, $grams, sqrt($variance));
            }
        }

        return $expected;
    }

    /**
     * @param  array<string, array<string, array{float, float}>>  $sums  grams and variance by bin, by day
     * @param  float  $grams  of fish that is cut
     */
    private static function give(array &$sums, string $day, TypicalFish $fish, float $grams): void
    {
        foreach ($fish->shares() as $part => $share) {
            $bin = UsualBins::ofTrim(Part::from($part));
            if ($bin !== null && $bin !== Bin::Discard && $grams > 0) {
                [$sum, $variance] = $sums[$bin->value][$day] ?? [0.0, 0.0];
                $sums[$bin->value][$day] = [
                    $sum + ($grams * $share->meanPct) / 100,
                    $variance + (($grams * $share->sdPct) / 100) ** 2,
                ];
            }
        }
    }
}
