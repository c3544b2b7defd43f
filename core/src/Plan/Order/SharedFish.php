<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Measure\Money;

/**
 * Several dishes cut of the fish of one offer, by seeded scenarios.
 *
 * In a scenario the lot is as it is and every dish wants what it wants; the fish are cut one after the other. A dish
 * that has what it needs leaves the rest of a side to the next; what no dish needs any more is the last one's.
 */
final class SharedFish
{
    /** Each way the lot may be comes up equally often. */
    private const SCENARIOS = 21_000;

    /** Always the same, so that an answer can be seen again. */
    private const SEED = 20_261_126;

    private readonly OneFish $fish;

    /** @var array<int|string, list<int>> by flesh of a side: what each dish could take of the fish at most */
    private array $most = [];

    /** @var array<int|string, list<int>> by flesh of a side: what each takes as long as all want more than that */
    private array $hungry = [];

    /** @param  non-empty-list<Serving>  $servings  in order of importance */
    public function __construct(
        private readonly array $servings,
        float $endsGrams,
        private readonly int $sides,
        private readonly Offer $offer,
    ) {
        $this->fish = OneFish::of($offer, new Cut($servings[0]->targetGrams, $endsGrams, $sides));
    }

    public function outcome(float $allowed, Rates $rates): Outcome
    {
        $most = $this->offer->most();
        $needed = $this->fishNeeded($most);
        $fish = 0;
        while ($fish < $most && $this->worst($needed, $fish) > $allowed) {
            $fish += $this->offer->box;
        }

        return $this->told($needed, $fish, $allowed, $rates);
    }

    /** What exactly so many of them would mean. */
    public function ofFish(int $fish, float $allowed, Rates $rates): Outcome
    {
        return $this->told($this->fishNeeded($fish), $fish, $allowed, $rates);
    }

    /** @param  list<array<int, int>>  $needed */
    private function told(array $needed, int $fish, float $allowed, Rates $rates): Outcome
    {
        $dishes = $this->dishes($needed, $fish);

        return new Outcome(
            $this->offer,
            $this->worst($needed, $fish) <= $allowed,
            $fish,
            array_sum(array_map(fn (DishOutcome $one): float => $one->portionsMean, $dishes)),
            self::spread($dishes),
            $this->any($needed, $fish),
            array_sum(array_map(fn (DishOutcome $one): float => $one->shortMean, $dishes)),
            array_sum(array_map(fn (DishOutcome $one): float => $one->surplusMean, $dishes)),
            Money::round($rates->cost($this->offer, $fish), $rates->hour->currency),
            null,
            $dishes,
        );
    }

    /**
     * What all of them spread by, were each to spread alone: no more than that is known.
     *
     * @param  list<DishOutcome>  $dishes
     */
    private static function spread(array $dishes): float
    {
        return sqrt(array_sum(array_map(fn (DishOutcome $one): float => $one->portionsSd ** 2, $dishes)));
    }

    /**
     * After how many fish each dish has what it needs.
     *
     * @return list<array<int, int>> by scenario, by dish; one more than there are when never
     */
    private function fishNeeded(int $most): array
    {
        $all = [];
        foreach ($this->scenarios() as $scenario) {
            $wanted = $scenario->wanted;
            $needed = array_map(fn (int $one): int => $one === 0 ? 0 : $most + 1, $wanted);
            for ($fish = 1; $fish <= $most && max([0, ...$wanted]) > 0; $fish++) {
                $given = $this->cut($wanted, $scenario->next(), false);
                foreach ($given as $dish => $portions) {
                    if ($portions > 0 && $wanted[$dish] - $portions <= 0) {
                        $needed[$dish] = $fish;
                    }
                }
                $wanted = self::less($wanted, $given);
            }
            $all[] = $needed;
        }

        return $all;
    }

    /**
     * @param  list<array<int, int>>  $needed
     * @return list<DishOutcome>
     */
    private function dishes(array $needed, int $fish): array
    {
        $made = $short = $over = $squares = array_fill(0, count($this->servings), 0);
        foreach ($this->scenarios() as $scenario) {
            $wanted = $scenario->wanted;
            for ($i = 0; $i < $fish; $i++) {
                $given = $this->cut($wanted, $scenario->next(), true);
                foreach ($given as $dish => $portions) {
                    $made[$dish] += $portions;
                }
                $wanted = self::less($wanted, $given);
            }
            foreach ($wanted as $dish => $left) {
                $squares[$dish] += ($scenario->wanted[$dish] - $left) ** 2;
                $short[$dish] += max(0, $left);
                $over[$dish] += max(0, -$left) + $scenario->spare[$dish];
            }
        }
        $outcomes = [];
        foreach ($this->servings as $dish => $serving) {
            $missed = count(array_filter($needed, fn (array $one): bool => ($one[$dish] ?? 0) > $fish));
            $outcomes[] = new DishOutcome(
                $serving->id,
                (100 * $missed) / self::SCENARIOS,
                $short[$dish] / self::SCENARIOS,
                $over[$dish] / self::SCENARIOS,
                $made[$dish] / self::SCENARIOS,
                sqrt(max(0.0, $squares[$dish] / self::SCENARIOS - ($made[$dish] / self::SCENARIOS) ** 2)),
            );
        }

        return $outcomes;
    }

    /**
     * One fish cut for what is wanted. While all want more than it can give, what it gives is always the same.
     *
     * @param  list<int>  $wanted  portions, by dish
     * @param  bool  $rest  whether the last dish takes what nobody needs
     * @return list<int> portions it gives, by dish
     */
    private function cut(array $wanted, float $available, bool $rest): array
    {
        $key = (string) $available;
        $most = $this->most[$key] ??= array_map(
            fn (Serving $one): int => $this->sides * Cut::portionsIn($available, $one->targetGrams),
            $this->servings,
        );
        foreach ($most as $dish => $many) {
            if ($wanted[$dish] < $many) {
                return $this->shared($wanted, $available, $rest);
            }
        }

        return $this->hungry[$key] ??= $this->shared($wanted, $available, $rest);
    }

    /**
     * @param  list<int>  $wanted
     * @return list<int>
     */
    private function shared(array $wanted, float $available, bool $rest): array
    {
        $given = array_map(fn (int $one): int => 0, $wanted);
        for ($side = 0; $side < $this->sides; $side++) {
            $left = $available;
            $sofar = $given;
            $given = [];
            foreach ($this->servings as $dish => $serving) {
                $fits = Cut::portionsIn($left, $serving->targetGrams);
                $last = $rest && $dish === count($this->servings) - 1;
                $takes = $last ? $fits : min($fits, max(0, $wanted[$dish] - $sofar[$dish]));
                $given[] = $sofar[$dish] + $takes;
                $left -= $takes * $serving->targetGrams;
            }
        }

        return $given;
    }

    /**
     * @param  list<int>  $wanted
     * @param  list<int>  $given
     * @return list<int>
     */
    private static function less(array $wanted, array $given): array
    {
        $less = [];
        foreach ($wanted as $dish => $many) {
            $less[] = $many - $given[$dish];
        }

        return $less;
    }

    /** @return iterable<Scenario> the same ones each time */
    private function scenarios(): iterable
    {
        $demands = array_map(
            fn (Serving $one): array => Scenario::ladder($one->demand->portions),
            $this->servings,
        );
        $random = new Randomizer(new Xoshiro256StarStar(self::SEED));
        for ($i = 0; $i < self::SCENARIOS; $i++) {
            $wanted = $spare = [];
            foreach ($this->servings as $dish => $serving) {
                $net = Scenario::drawn($demands[$dish], $random) - $serving->onHand;
                $wanted[] = max(0, $net);
                $spare[] = max(0, -$net);
            }
            $lot = $this->fish->available[$i % count($this->fish->available)];

            yield new Scenario($wanted, $spare, $lot, new Randomizer(new Xoshiro256StarStar(self::SEED + 1 + $i)));
        }
    }

    /**
     * @param  list<array<int, int>>  $needed
     * @return float the chance of the dish that runs short oftenest
     */
    private function worst(array $needed, int $fish): float
    {
        $missed = array_fill(0, count($this->servings), 0);
        foreach ($needed as $one) {
            foreach ($one as $dish => $after) {
                $missed[$dish] += $after > $fish ? 1 : 0;
            }
        }

        return max($missed) / self::SCENARIOS;
    }

    /**
     * @param  list<array<int, int>>  $needed
     * @return float the chance, percent, that some dish runs short
     */
    private function any(array $needed, int $fish): float
    {
        $missed = array_filter($needed, fn (array $one): bool => max([0, ...$one]) > $fish);

        return (100 * count($missed)) / self::SCENARIOS;
    }
}
