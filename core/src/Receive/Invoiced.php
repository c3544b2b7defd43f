<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;

/** One line of an invoice beside what was found in the box. */
final readonly class Invoiced
{
    /**
     * @param  string  $name  as the kitchen calls the fish
     * @param  Mass|null  $mass  as invoiced
     * @param  int|null  $count  fish as invoiced
     * @param  BigRational|null  $price  minor units for one unit; null when the kitchen does not know it
     * @param  list<Found>  $found  every weighing of this line
     */
    public function __construct(
        public string $name,
        public ?Mass $mass,
        public ?int $count,
        public ?BigRational $price,
        public PriceUnit $unit,
        public array $found,
    ) {
    }

    public function received(): Mass
    {
        return array_reduce($this->found, fn (Mass $sum, Found $found): Mass => $sum->plus($found->mass), Mass::zero());
    }

    public function receivedCount(): int
    {
        return array_sum(array_map(fn (Found $found): int => $found->count, $this->found));
    }

    /**
     * How far the sum of these weighings can be off without anybody being wrong: half a step of the scale each.
     */
    public function tolerance(): Mass
    {
        return Mass::ofMilligrams(intdiv(array_sum(array_map(fn (Found $found): int => $found->step->milligrams, $this->found)), 2));
    }
}
