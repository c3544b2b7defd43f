<?php

declare(strict_types=1);

namespace App\Route\Batches;

use App\Catalogue\HouseBin;
use App\Catalogue\Species;
use App\Kitchen\Format\Words;
use App\Kitchen\Language\Said;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Route\Bins\Bins;
use App\Route\Bins\BinsView;
use App\Route\Bins\BinWithdrawal;
use App\Route\Recipes\Recipe;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Allergen;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Volume;
use Sectum\Route\Batches\Amount;
use Sectum\Route\Batches\BatchPlan;
use Sectum\Route\Batches\Cooling;
use Sectum\Route\Batches\CoolingPoint;
use Sectum\Route\Batches\CoreReading;
use Sectum\Route\Batches\DueMark;
use Sectum\Route\Batches\FilledPot;
use Sectum\Route\Batches\Returned;
use Sectum\Route\Bins\Deposit;

/** Batches: what can be made now, what is being made, and one in full. */
final readonly class FoodBatchView
{
    private const SHOWN = 30;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $ledger = Bins::now()->ledger;
        $today = Moment::day($this->now());
        $houses = HouseBin::byName();
        $recipes = [];
        foreach (Recipe::query()->whereNull('retired_at')->orderBy('bin')->orderBy('name')->get() as $recipe) {
            $mass = Deposit::together($ledger->eatable($recipe->bin, $today));
            $enough = $houses[$recipe->bin->value]->enough();
            $recipes[] = [
                'recipe' => $recipe->id,
                'name' => $recipe->name,
                'bin' => $recipe->bin->value,
                'from' => $recipe->bin->spoken(),
                'family' => $recipe->bin->family()->value,
                'have' => $words->mass($mass),
                'enough' => $mass->isPositive() && ($enough === null || $mass->milligrams >= $enough->milligrams),
                'caution' => $recipe->caution,
                'source' => $recipe->source,
            ];
        }
        $makings = FoodBatch::query()
            ->with(['maker', 'went', 'coolings'])
            ->orderByDesc('number')
            ->limit(self::SHOWN)
            ->get();

        return [
            'recipes' => $recipes,
            'batches' => array_map(
                fn (FoodBatch $one): array => [
                    'id' => $one->id,
                    'number' => $one->number,
                    'name' => $one->asMade()->name,
                    'mass' => $words->text($one->mass()),
                    'made' => Moment::at($one->made_at)->format('D j M, H:i'),
                    'by' => $one->maker->name,
                    'yield' => self::yielded($one, $words),
                    'until' => BinsView::day(Moment::at($one->use_by), $today),
                    'past' => $one->gone === null && $one->use_by < $today->format('Y-m-d'),
                    'gone' => $one->gone,
                ],
                array_values($makings->all()),
            ),
        ];
    }

    /**
     * What a recipe would be with so much fish, or with all there is.
     *
     * @return Answer
     */
    public function plan(Recipe $recipe, ?Mass $mass, ?string $species, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $now = $this->now();
        $good = Bins::now($recipe->bin)->ledger->eatable($recipe->bin, Moment::day($now));
        $kinds = [];
        foreach ($good as $one) {
            $kinds[$one->kind] = ($kinds[$one->kind] ?? Mass::zero())->plus($one->left);
        }
        $kind = $recipe->one_kind ? $species ?? array_key_first($kinds) : null;
        $have = $recipe->one_kind
            ? ($kind === null
                ? Mass::zero()
                : $kinds[$kind] ?? Mass::zero())
            : Deposit::together($good);
        $mass ??= $have;
        $names = Species::query()->whereKey(array_keys($kinds))->pluck('name', 'id')->all();

        return [
            'recipe' => $recipe->id,
            'name' => $recipe->name,
            'from' => $recipe->bin->spoken(),
            'caution' => $recipe->caution,
            'allergens' => self::allergens($recipe->recipe()->allergens(), $settings),
            'hot' => $recipe->hot,
            'have' => $words->mass($have),
            'mass' => $words->mass($mass),
            'typed' => $mass->isPositive() ? $mass->brief($words->unit) : '',
            'one_kind' => $recipe->one_kind,
            'species' => $kind,
            'kinds' => array_map(
                fn (string $id, Mass $one): array => [
                    'species' => $id,
                    'name' => is_string($names[$id] ?? null) ? $names[$id] : '',
                    'mass' => $words->text($one),
                ],
                array_map(strval(...), array_keys($kinds)),
                array_values($kinds),
            ),
            'more' => $mass->milligrams > $have->milligrams
                    ? "There is only {$words->text($have)} that may be eaten."
                    : null,
            'plan' => $mass->isPositive()
                ? self::planned(
                    $recipe,
                    BatchPlan::of($recipe->recipe(), $mass, $recipe->hot ? $settings->pots() : [], $now),
                    $words,
                    $now,
                )
                : null,
        ];
    }

    /** @return Answer */
    public function one(string $id, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $making = FoodBatch::inFull($id);
        $recipe = $making->asMade();
        $now = $this->now();
        $start = Moment::at($making->made_at);
        $returned = $making->returned();
        $money = fn (Money $amount): ?string => $person->seesPrices() ? $amount->print() : null;
        $limits = $settings->cooling;
        $cooling = Cooling::of(
            array_map(
                fn (CoolingReading $one): CoreReading => $one->core(),
                array_values($making->coolings->all()),
            ),
            $now,
            $limits,
        );
        $booked = $making->cost();
        $standing = $making->standing();

        return [
            'id' => $making->id,
            'number' => $making->number,
            'version' => $making->version,
            'name' => $recipe->name,
            'from' => $recipe->bin->spoken(),
            'family' => $recipe->bin->family()->value,
            'made' => $start->format('D j M, H:i'),
            'by' => $making->maker->name,
            'mass' => $words->text($making->mass()),
            'until' => BinsView::day(Moment::at($making->use_by), Moment::day($now)),
            'why_then' => $making->why_then,
            'past' => $making->use_by < Moment::date($now),
            'gone' => $making->gone,
            'gone_why' => $making->gone_why,
            'caution' => $recipe->caution,
            'hot' => $recipe->hot,
            'unit' => $recipe->unit(),
            'plan' => self::planned(
                $recipe,
                BatchPlan::of($recipe->recipe(), $making->mass(), array_map(floatval(...), $making->pots), $start),
                $words,
                $now,
            ),
            'yield' => self::yielded($making, $words),
            'cooling' => $recipe->hot
                ? [
                    'meets' => $cooling->meets,
                    'said' => $words->say($cooling->said),
                    'next_by' => $cooling->nextBy?->format('H:i'),
                    'limits' => array_map(
                        fn (CoolingPoint $point): array => [
                            'hour' => $point->hours,
                            'celsius' => $point->limit->celsius(),
                            'text' => $point->limit->brief($words->units),
                        ],
                        $limits->points(),
                    ),
                    'readings' => array_map(
                        fn (CoolingReading $one): array => [
                            'at' => Moment::at($one->taken_at)->format('H:i'),
                            'minute' => (int) round(
                                (Moment::at($one->taken_at)->getTimestamp() - $start->getTimestamp()) / 60,
                            ),
                            'celsius' => $one->celsius_tenths / 10,
                            'text' => $words->degrees($one->temperature()),
                            'measured' => $one->measured,
                            'by' => $one->person->name,
                        ],
                        array_values($making->coolings->all()),
                    ),
                ]
                : null,
            'allergens' => self::allergens($making->allergens(), $settings),
            'left' => $making->yield_milli === null ? null : DrawsView::amount($recipe, $standing->leftMilli(), $words),
            'earlier' => DrawsView::earlier($making, Moment::day($now), $words),
            'draws' => DrawsView::of($making, $words, $money),
            'value' => $returned === null ? null : $money($returned->total),
            'at_bin_value' => $money($booked),
            'per_unit' => $making->yield_milli === null
                ? null
                : $money(Returned::perUnit($booked, (int) $making->yield_milli)),
            'fish' => self::byFish($making, $returned, $words, $money),
            'went' => array_map(
                fn (BinWithdrawal $one, int $i): array => [
                    'what' => $one->deposit->piece->name,
                    'fish' => $one->deposit->fish->species->name,
                    'number' => $one->deposit->fish->number,
                    'fish_id' => $one->deposit->fish_id,
                    'mass' => $words->text($one->mass()),
                    'lot' => $one->deposit->lot,
                    'back' => $returned === null ? null : $money($returned->shares[$i]),
                ],
                array_values($making->went->all()),
                array_keys(array_values($making->went->all())),
            ),
        ];
    }

    /**
     * What went in, one line a fish, with what it brought back.
     *
     * @param  callable(Money): ?string  $money
     * @return list<Answer>
     */
    private static function byFish(FoodBatch $making, ?Returned $returned, Words $words, callable $money): array
    {
        $lines = [];
        foreach (array_values($making->went->all()) as $i => $one) {
            $fish = $one->deposit->fish;
            $lines[$fish->id] ??= [
                'fish_id' => $fish->id,
                'fish' => $fish->species->name,
                'number' => $fish->number,
                'lot' => $one->deposit->lot,
                'parts' => [],
                'back' => [],
            ];
            $lines[$fish->id]['parts'][] = Said::called($one->deposit->piece->name).' '.$words->text($one->mass());
            if ($returned !== null) {
                $lines[$fish->id]['back'][] = $returned->shares[$i];
            }
        }

        return array_values(
            array_map(
                fn (array $line): array => [
                    'fish_id' => $line['fish_id'],
                    'fish' => $line['fish'],
                    'number' => $line['number'],
                    'lot' => $line['lot'],
                    'parts' => implode(', ', $line['parts']),
                    'back' => $returned === null
                        ? null
                        : $money(Money::sum($line['back'], $returned->total->currency)),
                ],
                $lines,
            ),
        );
    }

    /** @return Answer */
    private static function planned(Recipe $recipe, BatchPlan $plan, Words $words, DateTimeImmutable $now): array
    {
        $made = fn (float $amount): string => $recipe->litres
            ? Volume::ofLitres($amount)->print($words->units)
            : $words->text(Mass::ofGrams(round(1000 * $amount)));

        return [
            'amounts' => array_map(
                fn (Amount $one): array => [
                    'name' => Str::ucfirst(Said::called($one->name)),
                    'amount' => $one->poured
                        ? Volume::ofLitres($one->amount / 1000)->print($words->units)
                        : $words->text(Mass::ofGrams(round($one->amount))),
                ],
                $plan->amounts,
            ),
            'pots' => array_map(
                fn (FilledPot $pot): array => [
                    'pot' => Volume::ofLitres($pot->litres)->brief($words->units),
                    'filled' => Volume::ofLitres($pot->filled)->print($words->units),
                    'share' => round($pot->filled / $pot->litres, 3),
                ],
                $plan->pots,
            ),
            'over' => $plan->over > 0.05
                    ? Volume::ofLitres($plan->over)->print($words->units).
                        ' fit into no pot: take less, or cook it in two goes.'
                    : null,
            'expected' => $made($plan->expected),
            'spread' => $made($plan->low).' to '.$made($plan->high),
            'line' => array_map(
                fn (DueMark $mark): array => [
                    'at' => $mark->at->format('H:i'),
                    'minute' => $mark->minute,
                    'doing' => $mark->doing,
                    'why' => $mark->why,
                    'due' => $mark->at <= $now,
                ],
                $plan->line,
            ),
            'minutes' => $recipe->minutes,
        ];
    }

    /**
     * Those the list of the house names.
     *
     * @param  list<Allergen>  $some
     * @return list<string>
     */
    public static function allergens(array $some, Settings $settings): array
    {
        return array_map(
            fn (Allergen $one): string => Said::called($one->spoken()),
            Allergen::listed($some, $settings->onlyTheNine),
        );
    }

    private static function yielded(FoodBatch $making, Words $words): ?string
    {
        if ($making->yield_milli === null) {
            return null;
        }

        return DrawsView::amount($making->asMade(), (int) $making->yield_milli, $words);
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now();
    }
}
