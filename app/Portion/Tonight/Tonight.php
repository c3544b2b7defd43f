<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Catalogue\Species;
use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\KeptPortions;
use App\Fish\Piece;
use App\Fish\PlannedPortions;
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

    public function __construct(
        private KeptPortions $kept,
        private PlannedPortions $planned,
        private ClockInterface $clock,
    ) {
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
        // What the day's services want, unless somebody typed another number for it.
        $planned = array_diff_key($this->planned->on(Moment::day($this->clock->now())), $need);
        $need += $planned;
        $dishes = Dish::served()->with('species')->get();
        $made = $this->made(array_values($dishes->all()));
        [$bench, $together] = $this->bench($person);
        $waiting = Fish::toBeCut()->where('stage', Stage::BreakDown);
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
            $kind = new OneKind(
                $one->name,
                array_values($dishes->where('species_id', $one->id)->all()),
                $bench[$one->id] ?? [],
                array_values($waiting->where('species_id', $one->id)->all()),
                $need,
                array_keys($planned),
                $made,
            );
            $started = hrtime(true);
            $dealt = $deal
                ? $kind->deal($settings, function (float $done) use ($progress, $i, $species): void {
                    if ($progress !== null) {
                        $progress(($i + $done) / count($species));
                    }
                })
                : null;
            $seconds = (hrtime(true) - $started) / 1e9;
            $groups[] = $kind->view($deal, $dealt, $together[$one->id] ?? [], $seconds, $words);
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
     * @return array{array<string, list<FilletPlan>>, array<string, list<string>>} every fillet that waits to be cut,
     *     and those weighed together, by kind of fish
     */
    private function bench(Person $person): array
    {
        $bench = [];
        $together = [];
        $count = 0;
        $waiting = Fish::toBeCut()->where('stage', Stage::Portion);
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

    /** @return array<string, int> portions cut today or kept that can be served today, by dish */
    public function ready(): array
    {
        return $this->made(array_values(Dish::served()->get()->all()));
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

        $portions = array_combine(
            array_keys($made),
            array_map(fn (string $dish, int $pieces): int => intdiv($pieces, $plates[$dish]), array_keys($made), $made),
        );
        // What is kept of earlier days need not be cut, and what was thrown away of today's is wanted again.
        foreach ($this->kept->besides(Moment::day($this->clock->now())) as $dish => $more) {
            $portions[$dish] = max(0, ($portions[$dish] ?? 0) + $more);
        }

        return $portions;
    }
}
