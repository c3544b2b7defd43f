<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Portion\Dish\Dish;
use App\Portion\Tonight\ExpectedSides;
use Sectum\Plan\Order\Demand;
use Sectum\Portion\Together\UncutSides;

/** What is wanted of a dish, and what of it is there. */
final readonly class DishNeed
{
    /**
     * @param  Demand  $demand  portions for all its services together
     * @param  array<string, float>  $wanted  portions on average, by day
     * @param  int  $kept  portions in date
     * @param  int  $uncut  portions uncut fish in the house should give
     * @param  int  $fish  so many of them
     */
    public function __construct(
        public Dish $dish,
        public Demand $demand,
        public array $wanted,
        public int $kept,
        public int $uncut = 0,
        public int $fish = 0,
    ) {
    }

    /** @param  list<UncutSides>  $fish  that lies in the house uncut */
    public function withUncut(array $fish): self
    {
        $portions = $fish === [] ? 0 : ExpectedSides::give($fish, $this->dish->band()->target)->sure;

        return new self($this->dish, $this->demand, $this->wanted, $this->kept, $portions, count($fish));
    }

    public function onHand(): int
    {
        return min(Demand::MOST, $this->kept + $this->uncut);
    }
}
