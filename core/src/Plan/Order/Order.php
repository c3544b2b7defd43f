<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Brick\Math\BigRational;
use Sectum\Measure\Money;
use Sectum\Plan\BadPlan;

/**
 * How many fish of which size grade?
 *
 * Of each offer the smallest number, in whole boxes, that runs short no oftener than allowed; of the offers the one
 * that costs least. Beside it, where they are asked for, the number that costs least with a guest turned away and a
 * portion too many counted in, and two offers together where that is cheaper or the only way.
 */
final readonly class Order
{
    /** Chances and sums that differ by less are the same. */
    public const HAIR = 1e-12;

    /**
     * @param  list<Outcome>  $offers  in the order they were given
     * @param  Outcome|null  $best  null when none suffices
     */
    private function __construct(public array $offers, public ?Outcome $best, public ?Mix $mix)
    {
    }

    /**
     * One dish of the fish: exact.
     *
     * @param  non-empty-list<Offer>  $offers
     * @param  float  $maxShortPct  how often it may run short, 0 to 100
     *
     * @throws BadPlan
     */
    public static function of(Need $need, Cut $cut, array $offers, float $maxShortPct, Rates $rates): self
    {
        $allowed = self::allowed($maxShortPct);
        $outcomes = $supplies = [];
        foreach ($offers as $i => $offer) {
            $gives = OneFish::of($offer, $cut)->portions($cut);
            $supply = new Supply($gives, $need->enough());
            while ($need->shortChance($supply->made()) > $allowed && $supply->fish() < $offer->most()) {
                $supply->add($offer->box);
            }
            $byMoney = $rates->byMoney()
                ? self::byMoney(new Supply($gives, $need->enough()), $need, $offer, $rates)
                : null;
            $outcomes[] = self::outcome($supply, $need, $offer, $allowed, $rates, $byMoney);
            $supplies[] = $gives;
        }
        $best = self::best($outcomes);

        return new self($outcomes, $best, Mixing::of($need, $offers, $supplies, $allowed, $rates, $best));
    }

    /**
     * Several dishes of one fish: the first takes what it needs of each side, the next from what is left of it.
     *
     * @param  non-empty-list<Serving>  $servings  in order of importance
     * @param  non-empty-list<Offer>  $offers
     *
     * @throws BadPlan
     */
    public static function ofSeveral(
        array $servings,
        float $endsGrams,
        int $sides,
        array $offers,
        float $maxShortPct,
        Rates $rates,
    ): self {
        $allowed = self::allowed($maxShortPct);
        $outcomes = array_map(
            fn (Offer $one): Outcome => (new SharedFish($servings, $endsGrams, $sides, $one))
                ->outcome($allowed, $rates),
            $offers,
        );

        return new self($outcomes, self::best($outcomes), null);
    }

    /** What exactly so many fish of an offer would mean. */
    public static function ofFish(
        Need $need,
        Cut $cut,
        Offer $offer,
        int $fish,
        float $maxShortPct,
        Rates $rates,
    ): Outcome {
        self::mustBeOrderable($fish);
        $supply = new Supply(OneFish::of($offer, $cut)->portions($cut), $need->enough());
        $supply->add($fish);

        return self::outcome($supply, $need, $offer, self::allowed($maxShortPct), $rates, null);
    }

    /**
     * The same where several dishes are cut of them.
     *
     * @param  non-empty-list<Serving>  $servings  in order of importance
     *
     * @throws BadPlan
     */
    public static function ofFishForSeveral(
        array $servings,
        float $endsGrams,
        int $sides,
        Offer $offer,
        int $fish,
        float $maxShortPct,
        Rates $rates,
    ): Outcome {
        self::mustBeOrderable($fish);

        $shared = new SharedFish($servings, $endsGrams, $sides, $offer);

        return $shared->ofFish($fish, self::allowed($maxShortPct), $rates);
    }

    private static function mustBeOrderable(int $fish): void
    {
        ($fish >= 0 && $fish <= Offer::USUALLY) ||
            throw new BadPlan('Between 0 and 400 fish can be ordered.', $fish, '/fish');
    }

    private static function allowed(float $maxShortPct): float
    {
        ($maxShortPct >= 0 && $maxShortPct <= 100) ||
            throw new BadPlan('It may run short on none to all of the nights.', $maxShortPct, '/max_short_pct');

        return $maxShortPct / 100 + self::HAIR;
    }

    private static function outcome(
        Supply $supply,
        Need $need,
        Offer $offer,
        float $allowed,
        Rates $rates,
        ?ByMoney $byMoney,
    ): Outcome {
        $made = $supply->made();
        $short = $need->shortChance($made);
        $missing = $need->shortMean($made);

        return new Outcome(
            $offer,
            $short <= $allowed,
            $supply->fish(),
            $supply->mean(),
            $supply->sd(),
            100 * $short,
            $missing,
            $supply->mean() + $need->onHand - $need->demandMean + $missing,
            Money::round($rates->cost($offer, $supply->fish()), $rates->hour->currency),
            $byMoney,
        );
    }

    /**
     * What another box saves in portions short falls from box to box, so the least sum is found by going on until it
     * rises; once nothing can be short it goes on in a straight line, or to the last box there is.
     */
    private static function byMoney(Supply $supply, Need $need, Offer $offer, Rates $rates): ByMoney
    {
        $short = $rates->short->minor ?? 0;
        $surplus = $rates->surplus->minor ?? 0;
        $best = null;
        [$fish, $chance] = [0, 0.0];
        while (true) {
            $made = $supply->made();
            $missing = $need->shortMean($made);
            $over = $supply->mean() + $need->onHand - $need->demandMean + $missing;
            $total = $rates->cost($offer, $supply->fish())->toFloat() + $missing * $short - $over * $surplus;
            if ($best === null || $total < $best - self::HAIR * max(1.0, abs($best))) {
                [$best, $fish, $chance] = [$total, $supply->fish(), $need->shortChance($made)];
            } elseif ($short >= $surplus) {
                break;
            }
            if ($supply->fish() >= $offer->most()) {
                break;
            }
            $supply->add($offer->box);
        }

        return new ByMoney(
            $fish,
            Money::round(BigRational::of(number_format($best, 6, '.', '')), $rates->hour->currency),
            100 * $chance,
        );
    }

    /** @param  list<Outcome>  $outcomes */
    private static function best(array $outcomes): ?Outcome
    {
        $best = null;
        foreach ($outcomes as $one) {
            if (
                $one->enough &&
                ($best === null || [$one->cost->minor, $one->fish] < [$best->cost->minor, $best->fish])
            ) {
                $best = $one;
            }
        }

        return $best;
    }
}
