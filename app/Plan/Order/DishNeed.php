<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Portion\Dish\Dish;
use Sectum\Plan\Order\Demand;

/** What is wanted of a dish, and what of it is there. */
final readonly class DishNeed
{
    /**
     * @param  Demand  $demand  pieces for all its services together, those of a plate counted one by one
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

    public function with(int $uncut, int $fish): self
    {
        return new self($this->dish, $this->demand, $this->wanted, $this->kept, $uncut, $fish);
    }

    public function onHand(): int
    {
        return min(Demand::MOST, $this->kept + $this->uncut);
    }
}
