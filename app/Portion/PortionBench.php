<?php

declare(strict_types=1);

namespace App\Portion;

use App\BreakDown\Bench;
use App\Fish\CostOfPortions;
use App\Fish\CutFrom;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\PortionCosts;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\CutPlan\BoardFillet;
use App\Portion\CutPlan\Cut;
use App\Portion\CutPlan\FilletPlan;
use App\Portion\CutPlan\FilletPlanView;
use App\Portion\CutPlan\LayFillet;
use App\Portion\CutPlan\Laying;
use App\Portion\Dish\Dish;
use App\Portion\Hand\Hand;
use App\Portion\Hand\HandView;
use App\Portion\Together\CutPattern;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Fish\FatGrade;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Portion\Band;
use Sectum\Portion\Forecast;
use Sectum\Portion\LeftFlesh;
use Sectum\Portion\NextDish;
use Sectum\Portion\Placed;
use Sectum\Portion\Tally;

/** What the portioning screen shows: the bench, and the run of portions beside its dish. */
final readonly class PortionBench
{
    /** What is weighed here besides portions, in the order of the keys. */
    public const PARTS = [
        Part::Portion,
        Part::Ends,
        Part::TailEnd,
        Part::Skin,
        Part::Belly,
        Part::PinBones,
        Part::DarkMuscle,
        Part::Trim,
        Part::BackLoin,
        Part::BellyLoin,
    ];

    /**
     * The whole record of a fish, for its sheet.
     *
     * @return Answer
     */
    public static function of(Fish $fish, Person $person): array
    {
        return self::over(Bench::of($fish, $person), $fish, $person);
    }

    /**
     * While it is cut: with the plan of every fillet that was laid on the board, and where this hand should aim.
     *
     * @return Answer
     */
    public static function atTheKnife(Fish $fish, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $prices = $person->seesPrices() ? $settings : null;
        $dish = Dish::of($fish->dish_id);

        return [
            ...self::over(Bench::shared($fish, $person), $fish, $person),
            'plans' => array_map(
                fn (Piece $fillet): array => FilletPlanView::of(
                    FilletPlan::of($fish, $fillet, Laying::of($fish, $fillet), $person),
                    $words,
                    null,
                ),
                array_values(
                    array_filter(
                        CutFrom::fillets($fish),
                        fn (Piece $fillet): bool => BoardFillet::under($fillet) !== null &&
                            Cut::laid($fish, $fillet)->isPositive(),
                    ),
                ),
            ),
            'hand' => $dish === null
                    ? null
                    : HandView::of(Hand::of($person), $dish, $words, $prices, self::costs($fish, $prices)),
        ];
    }

    /**
     * @param  Answer  $bench  what is shown of the fish besides
     * @return Answer
     */
    private static function over(array $bench, Fish $fish, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $dish = Dish::of($fish->dish_id);
        $fillets = CutFrom::fillets($fish);
        $prices = $person->seesPrices() ? $settings : null;
        $costs = self::costs($fish, $prices);
        $patterns = self::patterns($fish, $fillets);
        $left = Mass::sum(array_map(fn (Piece $piece): Mass => Cut::left($fish, $piece), $fillets));

        return [
            ...$bench,
            'open' => self::open($fish, $fillets, $bench['open'], $words),
            'parts' => Bench::choices($fish, self::PARTS, $words),
            'sources' => array_map(
                fn (Piece $piece): array => [
                    'piece' => $piece->id,
                    'name' => $piece->name,
                    'left' => $words->mass(Cut::left($fish, $piece)),
                    'can_plan' => $piece->part->isFillet() && LayFillet::isOne($fish, $piece),
                    'every' => $patterns[$piece->id] ?? null,
                ],
                self::sources($fish, $fillets),
            ),
            'dishes' => array_map(
                fn (Dish $dish): array => self::dish($dish, $words, $prices, $left, $fish->fat_grade),
                self::dishesFor($fish),
            ),
            'dish' => $dish?->id,
            'portions' => self::portions($fish, $dish, $words, $prices, $costs),
            'tally' => $dish === null ? null : self::tally($fish, $dish, $words, $prices, $costs),
        ];
    }

    /**
     * What portions are cut from: the fillets, or the fish itself where it is served whole.
     *
     * @param  list<Piece>  $fillets
     * @return list<Piece>
     */
    private static function sources(Fish $fish, array $fillets): array
    {
        return $fillets === [] && $fish->whole()->reading() !== null ? [$fish->whole()] : $fillets;
    }

    /**
     * So manieth portion is weighed alone, by fillets that lie together.
     *
     * @param  list<Piece>  $fillets
     * @return array<array-key, mixed>
     */
    private static function patterns(Fish $fish, array $fillets): array
    {
        $together = array_filter($fillets, fn (Piece $piece): bool => ! LayFillet::isOne($fish, $piece));

        return $together === []
            ? []
            : CutPattern::query()->where('fish_id', $fish->id)->pluck('every', 'piece_id')->all();
    }

    /** Only for whoever may see prices. */
    private static function costs(Fish $fish, ?Settings $prices): ?PortionCosts
    {
        return $prices === null ? null : app(CostOfPortions::class)->of($fish, $prices);
    }

    /**
     * What is asked about before the fish goes on: readings that do not fit, no portions, flesh left, bones not checked
     * twice.
     *
     * @param  list<Piece>  $fillets
     * @return list<array{code: string, say: string}>
     */
    private static function open(Fish $fish, array $fillets, mixed $before, Words $words): array
    {
        $open = [];
        foreach (is_array($before) ? $before : [] as $one) {
            $open[] = [
                'code' => 'remark',
                'say' => is_array($one) && is_string($one['say'] ?? null) ? $one['say'] : '',
            ];
        }
        if ($fillets !== [] && self::portionsOf($fish) === []) {
            $open[] = ['code' => 'no-portions', 'say' => 'No portion was weighed.'];
        }
        foreach ($fillets as $piece) {
            $left = Cut::left($fish, $piece);
            if (LeftFlesh::isMuch($left, $piece->reading()?->mass() ?? Mass::zero())) {
                $open[] = [
                    'code' => 'left',
                    'say' => "{$words->text($left)} of ".lcfirst($piece->name).' is not portioned.',
                ];
            }
        }

        return $open;
    }

    /** How many portions were weighed of it, one by one and together. */
    public static function countOf(Fish $fish): int
    {
        return array_sum(array_map(fn (Piece $piece): int => $piece->portions, self::portionsOf($fish)));
    }

    /** @return list<Piece> */
    public static function portionsOf(Fish $fish): array
    {
        return array_values(
            $fish->pieces
                ->filter(fn (Piece $piece): bool => $piece->part === Part::Portion && $piece->reading() !== null)
                ->all(),
        );
    }

    /** @return list<Dish> of this fish, or of any when the house has none of it */
    private static function dishesFor(Fish $fish): array
    {
        $own = Dish::cutFor($fish->species_id);

        return array_values(($own->isEmpty() ? Dish::onTheList() : $own)->all());
    }

    /** @return Answer */
    private static function dish(
        Dish $dish,
        Words $words,
        ?Settings $prices,
        Mass $left,
        ?FatGrade $lot,
    ): array {
        $band = $dish->each();
        $plain = [
            'id' => $dish->id,
            'name' => $dish->name,
            'target' => $words->mass($band->target),
            'plate' => $dish->losses === [] ? null : $words->text($dish->plateBand()->target),
            'band' => '−'.$words->text($band->minus).' / +'.$words->text($band->plus),
            'version' => $dish->version,
            'per_plate' => $dish->per_plate,
            'fits' => Forecast::of($left, $dish->band()),
            'unsuited' => $lot !== null && ! $dish->suits($lot) ? $lot->value : null,
        ];

        return $prices === null ? $plain : [...$plain, 'price' => $dish->price($prices)?->print()];
    }

    /** @return list<Answer> */
    private static function portions(
        Fish $fish,
        ?Dish $usual,
        Words $words,
        ?Settings $prices,
        ?PortionCosts $costs,
    ): array {
        $served = Dish::cutFor($fish->species_id);
        $cuts = Cut::of($fish);
        $portions = [];
        foreach (self::portionsOf($fish) as $piece) {
            $mass = $piece->each();
            $dish = self::dishOf($piece, $usual);
            $band = $dish?->each();
            $placed = $band?->place($mass);
            $guess = ($cuts[$piece->id] ?? null)?->guess;
            $portions[] = [
                'piece' => $piece->id,
                'name' => $piece->name,
                'dish' => $dish?->name,
                'reading' => $piece->reading()->id ?? '',
                'mass' => $words->mass($mass),
                'together' => $piece->portions,
                'plate' => $piece->portions > 1 || ($net = $fish->net($piece))->milligrams === $mass->milligrams
                    ? null
                    : $words->text($net),
                'off' => $band === null ? null : $words->off($mass->minus($band->target)),
                'off_mg' => $band === null ? null : $mass->minus($band->target)->milligrams,
                'placed' => $placed?->value,
                'given_away' => $placed === Placed::Over
                    ? ($costs->over[$piece->id] ?? null)?->print()
                    : null,
                'said' => $guess === null ? null : $words->text($guess),
                'rather' => $placed === Placed::Under ? self::rather($mass, $dish, $served, $words) : null,
            ];
        }

        return $portions;
    }

    /** The dish a portion is for: its own, else the fish's. */
    public static function dishOf(Piece $piece, ?Dish $usual): ?Dish
    {
        return $piece->dish_id === null || $piece->dish_id === $usual?->id ? $usual : Dish::of($piece->dish_id);
    }

    /**
     * The next smaller dish that takes a piece too light for its own.
     *
     * @param  Collection<int, Dish>  $served
     * @return array{dish: string, name: string, how: string}|null
     */
    private static function rather(Mass $mass, Dish $dish, Collection $served, Words $words): ?array
    {
        $others = $served
            ->filter(fn (Dish $other): bool => $other->id !== $dish->id && $other->target_mg < $dish->target_mg)
            ->keyBy('id');
        $next = $others->get(
            (string) NextDish::for($mass, $others->map(fn (Dish $other): Band => $other->each())->all()),
        );
        if ($next === null) {
            return null;
        }
        $more = $mass->minus($next->each()->target);

        return [
            'dish' => $next->id,
            'name' => $next->name,
            'how' => $next->each()->place($mass) === Placed::Within ? 'as it is' : $words->text($more).' trimmed off',
        ];
    }

    /** @return Answer */
    private static function tally(
        Fish $fish,
        Dish $dish,
        Words $words,
        ?Settings $prices,
        ?PortionCosts $costs,
    ): array {
        $band = $dish->each();
        $own = array_values(
            array_filter(
                self::portionsOf($fish),
                fn (Piece $piece): bool => $piece->dish_id === null || $piece->dish_id === $dish->id,
            ),
        );
        $tally = Tally::of(
            array_merge(...array_map(fn (Piece $piece): array => $piece->masses(), $own)),
            $band,
        );

        return [
            'count' => $tally->count,
            'total' => $words->text($tally->total),
            'mean' => $tally->mean === null ? null : $words->text($tally->mean),
            'range' => $tally->lightest === null || $tally->heaviest === null
                    ? null
                    : $words->text($tally->lightest).' to '.$words->text($tally->heaviest),
            'scatter' => $tally->sdGrams === null ? null : '± '.$words->text(Mass::ofGrams($tally->sdGrams)),
            'under' => $tally->under,
            'over' => $tally->over,
            'given_away' => $words->text($tally->givenAway),
            'given_away_cost' => $costs === null || ! $tally->givenAway->isPositive()
                    ? null
                    : Money::sum(
                        array_values(
                            array_filter(array_map(fn (Piece $piece) => $costs->over[$piece->id] ?? null, $own)),
                        ),
                        $costs->edible->perKg->currency,
                    )->print(),
            'minus_mg' => $band->minus->milligrams,
            'plus_mg' => $band->plus->milligrams,
        ];
    }
}
