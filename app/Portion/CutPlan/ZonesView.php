<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Catalogue\HouseBin;
use App\Catalogue\UsualBins;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\Kind;
use Sectum\Portion\Zones\BellyFlap;
use Sectum\Portion\Zones\TakenOff;
use Sectum\Portion\Zones\Way;
use Sectum\Portion\Zones\Ways;
use Sectum\Portion\Zones\Zone;

/** A side by its zones: what each weighs and is worth, and what belly, tail and a squared end cost. Nothing is kept. */
final readonly class ZonesView
{
    /** @return Answer */
    public static function of(Fish $fish, Piece $piece, Person $person): array
    {
        $settings = Settings::load();
        $words = new Words($person->units, $settings->scaleStep);
        $prices = $person->seesPrices() ? $settings : null;
        $plan = FilletPlan::of($fish, $piece, Laying::of($fish, $piece)->bellyOn(), $person);
        $flap = Belly::on($fish, $piece);
        $bellyPerKg = self::bellyPerKg($plan->trimPerKgMinor);
        $ways = $plan->kinds === [] || $plan->overdrawn
            ? null
            : Ways::of(
                $plan->fillet,
                $plan->kinds,
                $plan->laying->school,
                $flap,
                $plan->trimPerKgMinor,
                $bellyPerKg,
            );

        return [
            'name' => $piece->name,
            'length_cm' => $plan->laying->lengthCm,
            'outline' => FilletPlanView::outline($plan),
            'belly_pct' => 100 * $flap->share,
            'zones' => self::zones($fish, $plan, $flap, $words, $prices, $bellyPerKg),
            'ways' => $ways === null ? [] : self::ways($ways, $words, $prices),
            'squared' => $ways === null
                ? null
                : self::squared($plan, $plan->kinds, $ways->at(TakenOff::LeftOn, TakenOff::Before), $prices),
        ];
    }

    /** @return list<Answer> */
    private static function zones(
        Fish $fish,
        FilletPlan $plan,
        BellyFlap $flap,
        Words $words,
        ?Settings $prices,
        float $bellyPerKg,
    ): array {
        $zones = [];
        $side = $plan->fillet;
        foreach (Zone::cases() as $zone) {
            $stretch = $zone->stretch();
            [$from, $to] = [($stretch->from ?? 0.0) * $side->lengthCm, ($stretch->to ?? 1.0) * $side->lengthCm];
            $grams = $stretch === null
                ? $flap->share * $side->massGrams
                : $side->gramsUpTo($to) - $side->gramsUpTo($from);
            if ($grams <= 0) {
                continue;
            }
            $dishes = self::dishes($fish, $zone);
            $least = $stretch === null ? $bellyPerKg : $plan->trimPerKgMinor;
            $zones[] = [
                'zone' => $zone->value,
                'name' => Words::named("portion.zone.{$zone->value}"),
                'from_cm' => $stretch === null ? null : round($from, 1),
                'to_cm' => $stretch === null ? null : round($to, 1),
                'mass' => $words->mass(Mass::ofGrams(round($grams))),
                'dishes' => array_map(fn (Dish $dish): string => $dish->name, $dishes),
                'worth' => $prices?->money((int) round(self::worth($dishes, $least, $prices)))->print(),
            ];
        }

        return $zones;
    }

    /** @return list<Dish> that a piece out of its middle may be for */
    private static function dishes(Fish $fish, Zone $zone): array
    {
        $stretch = $zone->stretch();
        $middle = (($stretch->from ?? 0.0) + ($stretch->to ?? 1.0)) / 2;

        return array_values(
            Dish::cutFor($fish->species_id)
                ->filter(fn (Dish $dish): bool => $dish->stretch->isOf(false, $stretch === null) &&
                    $dish->stretch->reach()->holds($middle))
                ->all(),
        );
    }

    /**
     * A kilo of a zone as the dish that brings most for it, minor units.
     *
     * @param  list<Dish>  $dishes
     * @param  float  $least  what it brings when it has none
     */
    private static function worth(array $dishes, float $least, Settings $prices): float
    {
        return max([
            $least,
            ...array_map(
                fn (Dish $dish): float => (1000 * $dish->worth($prices)->minor) / $dish->band()->target->grams(),
                $dishes,
            ),
        ]);
    }

    /** @return list<Answer> */
    private static function ways(Ways $ways, Words $words, ?Settings $prices): array
    {
        $most = max([0.0, ...array_map(fn (Way $way): float => $way->value, $ways->all)]);

        return array_map(
            fn (Way $way): array => [
                'belly' => $way->belly->value,
                'tail' => $way->tail->value,
                'portions' => count($way->pieces),
                'unevenness' => $way->unevenness === null ? null : round($way->unevenness, 1),
                'left_over' => $words->text(Mass::ofGrams(round($way->leftOverGrams))),
                'worth' => $prices?->money((int) round($way->value))->print(),
                'best' => $way->value > $most - 0.5,
            ],
            $ways->all,
        );
    }

    /**
     * The head end squared off as it lies there, and followed instead.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @return Answer
     */
    private static function squared(FilletPlan $plan, array $kinds, Way $squared, ?Settings $prices): array
    {
        $following = $plan->laying->school->plan(
            $plan->cuts === [] ? $plan->fillet->squaredTo(0.0) : $plan->fillet,
            $kinds,
            $plan->trimPerKgMinor,
        );

        return [
            'portions' => count($squared->pieces),
            'following' => count($following->portions()),
            'worth' => $prices?->money((int) round($squared->value))->print(),
            'following_worth' => $prices?->money((int) round($following->value))->print(),
        ];
    }

    /** What a kilo of belly brings where it usually goes, minor units; as trim where it goes nowhere. */
    private static function bellyPerKg(float $trim): float
    {
        $bin = UsualBins::of(Part::Belly);

        return $bin === null ? $trim : (float) HouseBin::of($bin)->value_per_kg_minor;
    }
}
