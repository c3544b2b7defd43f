<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Catalogue\Species;
use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\CutPlan\BoardFillet;
use App\Portion\CutPlan\Cut;
use App\Portion\CutPlan\FilletPlan;
use App\Portion\CutPlan\LayFillet;
use App\Portion\CutPlan\Laying;
use App\Portion\Dish\Dish;
use Closure;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\Allocate\Allocation;
use Sectum\Portion\Allocate\OnBench;
use Sectum\Portion\Allocate\Wanted;
use Sectum\Portion\Placed;

/**
 * Tonight's demand over all fillets that wait to be portioned, fish by fish: what of which fillet, and what will be
 * short.
 *
 * What was cut today in its band is off the demand already, so that asking again after a fillet deals out what is left.
 */
final readonly class Tonight
{
    /** No bench holds more. */
    private const MOST = 400;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function day(): string
    {
        return Moment::date($this->clock->now());
    }

    /**
     * @param  bool  $deal  whether to deal the fillets out too
     * @param  (Closure(float): void)|null  $progress  told how far it is, 0 to 1
     * @return Answer
     */
    public function of(Person $person, bool $deal = false, ?Closure $progress = null): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $need = WantedTonight::rows()
            ->where('day', $this->day())
            ->pluck('need', 'dish_id')
            ->map(fn (mixed $one): int => is_numeric($one) ? (int) $one : 0)
            ->all();
        $dishes = Dish::served()->with('species')->get();
        $made = $this->made(array_values($dishes->all()));
        [$bench, $together] = $this->bench($person);
        $species = Species::query()
            ->where(
                fn ($query) => $query
                    ->whereKey([...array_keys($bench), ...array_keys($together)])
                    ->orWhereIn('id', $dishes->pluck('species_id')),
            )
            ->orderBy('name')
            ->get();
        $groups = [];
        foreach ($species as $i => $one) {
            $own = array_values($dishes->where('species_id', $one->id)->all());
            $fillets = $bench[$one->id] ?? [];
            $started = hrtime(true);
            $answer = $deal
                ? self::dealt($own, $fillets, $need, $made, $settings, function (float $done) use (
                    $progress,
                    $i,
                    $species,
                ): void {
                    if ($progress !== null) {
                        $progress(($i + $done) / count($species));
                    }
                })
                : null;
            $groups[] = [
                'fish' => $one->name,
                'dishes' => array_map(
                    fn (Dish $dish): array => [
                        'dish' => $dish->id,
                        'name' => $dish->name,
                        'target' => $words->mass($dish->band()->target),
                        'priority' => $dish->priority->value,
                        'need' => $need[$dish->id] ?? 0,
                        'made' => $made[$dish->id] ?? 0,
                        'comes' => $answer?->made[$dish->id] ?? null,
                        'short' => $answer?->short[$dish->id] ?? null,
                        'beyond' => $answer?->surplus[$dish->id] ?? null,
                    ],
                    $own,
                ),
                'fillets' => array_map(
                    fn (FilletPlan $plan, int $k): array => [
                        'fish' => $plan->piece->fish_id,
                        'piece' => $plan->piece->id,
                        'name' => $plan->piece->name,
                        'number' => $plan->fishNumber,
                        'left' => $words->mass($plan->left),
                        'available' => $words->mass(Mass::ofGrams(self::available($plan))),
                        'counts' => $answer === null
                                ? []
                                : array_map(
                                    fn (Dish $dish): array => [
                                        'dish' => $dish->id,
                                        'name' => $dish->name,
                                        'count' => $answer->counts[$k][$dish->id] ?? 0,
                                    ],
                                    $own,
                                ),
                    ],
                    $fillets,
                    array_keys($fillets),
                ),
                'together' => $together[$one->id] ?? [],
                'gap_pct' => $answer?->gapPct(),
                'seconds' => $answer === null ? null : (hrtime(true) - $started) / 1e9,
                'said' => $answer === null ? '' : self::said($own, $answer),
            ];
        }

        return [
            'day' => Moment::day($this->clock->now())->format('l j F'),
            'groups' => array_values(
                array_filter($groups, fn (array $group): bool => $group['dishes'] !== [] || $group['fillets'] !== []),
            ),
            'anywhere' => array_values($dishes->whereNull('species_id')->pluck('name')->all()),
        ];
    }

    /**
     * @param  list<Dish>  $dishes
     * @param  list<FilletPlan>  $fillets
     * @param  array<array-key, int>  $need
     * @param  array<string, int>  $made
     * @param  Closure(float): void  $progress
     */
    private static function dealt(
        array $dishes,
        array $fillets,
        array $need,
        array $made,
        Settings $settings,
        Closure $progress,
    ): ?Allocation {
        $bench = array_map(
            fn (FilletPlan $plan): OnBench => new OnBench(
                $plan->piece->id,
                max(1.0, $plan->left->grams()),
                min(self::available($plan), max(1.0, $plan->left->grams())),
            ),
            $fillets,
        );
        $most = max([0.0, ...array_map(fn (OnBench $fillet): float => $fillet->availableGrams, $bench)]);
        $wanted = [];
        foreach ($dishes as $dish) {
            $left = max(0, ($need[$dish->id] ?? 0) - ($made[$dish->id] ?? 0));
            $target = $dish->band()->target->grams();
            if ($target <= $most || $left > 0) {
                // One more than wanted is worth no more than its flesh elsewhere: nothing is cut that nobody asked for.
                $wanted[] = new Wanted(
                    $dish->id,
                    $target,
                    $left,
                    $dish->priority->weight() * max(1, $dish->worth($settings)->minor),
                    0.0,
                );
            }
        }

        return $wanted === [] ? null : Allocation::of($bench, $wanted, 0.0, $progress);
    }

    private static function available(FilletPlan $plan): float
    {
        return $plan->overdrawn ? 0.0 : max(0.0, $plan->fillet->availableGrams());
    }

    /** @param  list<Dish>  $dishes */
    private static function said(array $dishes, Allocation $answer): string
    {
        $short = array_filter(
            array_map(
                fn (Dish $dish): string => ($answer->short[$dish->id] ?? 0) > 0
                    ? "{$answer->short[$dish->id]} of {$dish->name}"
                    : '',
                $dishes,
            ),
            fn (string $one): bool => $one !== '',
        );

        return $short === []
            ? 'There is enough for all that is wanted.'
            : implode(' and ', $short).' will be short tonight.';
    }

    /**
     * @return array{array<string, list<FilletPlan>>, array<string, list<string>>} every fillet that waits to be cut,
     *     and those weighed together, by kind of fish
     */
    private function bench(Person $person): array
    {
        $bench = [];
        $together = [];
        $count = 0;
        $waiting = Fish::forTheBench()->where('stage', Stage::Portion->value)->orderBy('number')->get();
        Cut::ofAll($waiting);
        BoardFillet::underAll(array_values($waiting->map(fn (Fish $fish): string => $fish->id)->all()));
        foreach ($waiting as $fish) {
            foreach (CutFrom::fillets($fish) as $fillet) {
                if (! LayFillet::isOne($fish, $fillet)) {
                    $together[$fish->species_id][] = "No. {$fish->number} {$fillet->name}";
                } elseif (
                    ++$count <= self::MOST &&
                    Cut::left($fish, $fillet)->isPositive() &&
                    Cut::laid($fish, $fillet)->isPositive()
                ) {
                    $bench[$fish->species_id][] = FilletPlan::of($fish, $fillet, Laying::of($fish, $fillet), $person);
                }
            }
        }

        return [$bench, $together];
    }

    /**
     * Portions cut today that can be served as their dish.
     *
     * @param  list<Dish>  $dishes
     * @return array<string, int> by dish
     */
    private function made(array $dishes): array
    {
        $bands = array_column(array_map(fn (Dish $dish): array => [$dish->id, $dish->band()], $dishes), 1, 0);
        $made = [];
        $rows = Row::all(
            Piece::rows()
                ->join('readings', 'readings.piece_id', '=', 'pieces.id')
                ->leftJoin('reading_voids', 'reading_voids.reading_id', '=', 'readings.id')
                ->join('fish', 'fish.id', '=', 'pieces.fish_id')
                ->where('pieces.part', Part::Portion->value)
                ->whereNull('reading_voids.reading_id')
                ->where(
                    'readings.taken_at',
                    '>=',
                    Moment::written(Settings::load()->time->begins(Moment::day($this->clock->now()))),
                )
                ->get([DB::raw('coalesce(pieces.dish_id, fish.dish_id) as dish'), 'readings.mass_mg']),
        );
        foreach ($rows as $row) {
            $band = $bands[$row->text('dish')] ?? null;
            if ($band !== null && $band->place(Mass::ofMilligrams((int) $row->number('mass_mg'))) !== Placed::Under) {
                $made[$row->text('dish')] = ($made[$row->text('dish')] ?? 0) + 1;
            }
        }

        return $made;
    }
}
