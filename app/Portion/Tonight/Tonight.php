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
use Sectum\Portion\Allocate\Deal;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Kind;
use Sectum\Portion\Placed;
use Sectum\Portion\Together\UncutPortions;

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
        $waiting = Fish::forTheBench()->where('stage', Stage::BreakDown->value)->orderBy('number')->get();
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
            $fixed = array_map(self::fixed(...), $fillets);
            $free = array_values(
                array_filter($fillets, fn (int $k): bool => $fixed[$k] === null, ARRAY_FILTER_USE_KEY),
            );
            $started = hrtime(true);
            $by = self::byHand(array_values(array_filter($fixed, fn (?array $one): bool => $one !== null)));
            $answer = $deal
                ? self::dealt($own, $free, self::left($own, $need, $made, $by), $settings, function (float $done) use (
                    $progress,
                    $i,
                    $species,
                ): void {
                    if ($progress !== null) {
                        $progress(($i + $done) / count($species));
                    }
                })
                : null;
            $uncut = $waiting->where('species_id', $one->id);
            $groups[] = [
                'fish' => $one->name,
                'uncut' => $uncut->count(),
                'dishes' => array_map(
                    fn (Dish $dish): array => self::dish(
                        $dish,
                        $need[$dish->id] ?? 0,
                        $made[$dish->id] ?? 0,
                        $answer === null && $by === [] ? null : ($answer->made[$dish->id] ?? 0) + ($by[$dish->id] ?? 0),
                        array_values($uncut->all()),
                        $words,
                    ),
                    $own,
                ),
                'fillets' => self::fillets($fillets, $fixed, $answer, $own, $words),
                'together' => $together[$one->id] ?? [],
                'gap_pct' => $answer?->gapPct,
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
     * @param  list<FilletPlan>  $fillets  none that the cook has fixed
     * @param  array<string, int>  $left  wanted still, by dish
     * @param  Closure(float): void  $progress
     */
    private static function dealt(
        array $dishes,
        array $fillets,
        array $left,
        Settings $settings,
        Closure $progress,
    ): ?Deal {
        return Deal::of(
            array_map(fn (FilletPlan $plan): FilletOnBoard => $plan->fillet, $fillets),
            array_map(
                fn (Dish $dish): Kind => $dish->kind($settings)->valued(
                    $dish->priority->weight() * max(1, $dish->worth($settings)->minor) / $dish->per_plate,
                ),
                $dishes,
            ),
            $left,
            $progress,
        );
    }

    /**
     * What the cook has fixed by hand on a fillet: own marks, or at most so many of each; null when it is free.
     *
     * @return array<string, int>|null pieces by dish
     */
    private static function fixed(FilletPlan $plan): ?array
    {
        $laying = $plan->laying;
        $limited = array_filter($laying->kinds, fn (array $kind): bool => $kind['max'] !== null);
        if (BoardFillet::under($plan->piece) === null || ($laying->marksCm === [] && $limited === [])) {
            return null;
        }
        $counts = [];
        foreach ($plan->ahead() as $piece) {
            if ($piece->kind !== '') {
                $counts[$piece->kind] = ($counts[$piece->kind] ?? 0) + 1;
            }
        }

        return $counts;
    }

    private static function available(FilletPlan $plan): float
    {
        return $plan->overdrawn ? 0.0 : max(0.0, $plan->fillet->availableGrams());
    }

    /**
     * Wanted still, in pieces: less what was cut today, and what the cook has fixed.
     *
     * @param  list<Dish>  $dishes
     * @param  array<array-key, int>  $need
     * @param  array<string, int>  $made
     * @param  array<string, int>  $fixed  pieces
     * @return array<string, int>
     */
    private static function left(array $dishes, array $need, array $made, array $fixed): array
    {
        $left = [];
        foreach ($dishes as $dish) {
            $portions = max(0, ($need[$dish->id] ?? 0) - ($made[$dish->id] ?? 0));
            $left[$dish->id] = max(0, $portions * $dish->per_plate - ($fixed[$dish->id] ?? 0));
        }

        return $left;
    }

    /**
     * @param  list<array<string, int>>  $fixed  by fillet, by dish
     * @return array<string, int> pieces by dish
     */
    private static function byHand(array $fixed): array
    {
        $all = [];
        foreach ($fixed as $counts) {
            foreach ($counts as $dish => $pieces) {
                $all[$dish] = ($all[$dish] ?? 0) + $pieces;
            }
        }

        return $all;
    }

    /**
     * @param  int|null  $pieces  that the fillets give; null while nothing is dealt out
     * @param  list<Fish>  $uncut
     * @return Answer
     */
    private static function dish(Dish $dish, int $need, int $made, ?int $pieces, array $uncut, Words $words): array
    {
        $comes = $pieces === null ? null : intdiv($pieces, $dish->per_plate);

        return [
            'dish' => $dish->id,
            'name' => $dish->name,
            'target' => $words->mass($dish->band()->target),
            'priority' => $dish->priority->value,
            'need' => $need,
            'made' => $made,
            'comes' => $comes,
            'short' => $comes === null ? null : max(0, $need - $made - $comes),
            'beyond' => $comes === null ? null : max(0, $made + $comes - $need),
            'uncut' => self::uncut($dish, $uncut),
            'sizes' => $dish->sizes() !== [],
        ];
    }

    /**
     * What fish nobody cut yet should give of a dish, were all of them cut for it.
     *
     * @param  list<Fish>  $fish
     * @return array{about: int, sure: int}|null null when there is none, or nothing is expected of it
     */
    private static function uncut(Dish $dish, array $fish): ?array
    {
        $sides = array_values(array_filter(array_map(ExpectedSides::of(...), $fish)));
        if ($sides === []) {
            return null;
        }
        $portions = UncutPortions::of($sides, $dish->band()->target->grams());

        return ['about' => (int) round($portions->expected), 'sure' => $portions->sure];
    }

    /**
     * @param  list<FilletPlan>  $plans
     * @param  list<array<string, int>|null>  $fixed  by fillet
     * @param  list<Dish>  $dishes
     * @return list<Answer>
     */
    private static function fillets(array $plans, array $fixed, ?Deal $answer, array $dishes, Words $words): array
    {
        $fillets = [];
        $free = 0;
        foreach ($plans as $k => $plan) {
            $counts = $fixed[$k] ?? ($answer->counts[$free] ?? null);
            $free += $fixed[$k] === null ? 1 : 0;
            $fillets[] = [
                'fish' => $plan->piece->fish_id,
                'piece' => $plan->piece->id,
                'name' => $plan->piece->name,
                'number' => $plan->fishNumber,
                'left' => $words->mass($plan->left),
                'available' => $words->mass(Mass::ofGrams(self::available($plan))),
                'fixed' => $fixed[$k] !== null,
                'counts' => $counts === null
                    ? []
                    : array_map(
                        fn (Dish $dish): array => [
                            'dish' => $dish->id,
                            'name' => $dish->name,
                            'count' => $counts[$dish->id] ?? 0,
                        ],
                        $dishes,
                    ),
            ];
        }

        return $fillets;
    }

    /** @param  list<Dish>  $dishes */
    private static function said(array $dishes, Deal $answer): string
    {
        $short = [];
        foreach ($dishes as $dish) {
            $portions = intdiv(($answer->short[$dish->id] ?? 0) + $dish->per_plate - 1, $dish->per_plate);
            if ($portions > 0) {
                $short[] = "{$portions} of {$dish->name}";
            }
        }

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
        $bands = array_column(array_map(fn (Dish $dish): array => [$dish->id, $dish->each()], $dishes), 1, 0);
        $plates = array_column(
            array_map(fn (Dish $dish): array => [$dish->id, $dish->per_plate], $dishes),
            1,
            0,
        );
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
                ->get([
                    DB::raw('coalesce(pieces.dish_id, fish.dish_id) as dish'),
                    'readings.mass_mg',
                    'pieces.portions',
                ]),
        );
        foreach ($rows as $row) {
            $band = $bands[$row->text('dish')] ?? null;
            $many = max(1, (int) $row->number('portions'));
            $each = Mass::ofMilligrams(intdiv((int) $row->number('mass_mg'), $many));
            if ($band !== null && $band->place($each) !== Placed::Under) {
                $made[$row->text('dish')] = ($made[$row->text('dish')] ?? 0) + $many;
            }
        }

        return array_combine(
            array_keys($made),
            array_map(fn (string $dish, int $pieces): int => intdiv($pieces, $plates[$dish]), array_keys($made), $made),
        );
    }
}
