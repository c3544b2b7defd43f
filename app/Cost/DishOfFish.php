<?php

declare(strict_types=1);

namespace App\Cost;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** The portions of one fish that are for one dish. */
final readonly class DishOfFish
{
    /**
     * @param  int  $count  1 or more
     * @param  Mass  $mass  all of them, as served
     * @param  Money  $total  what all of them cost
     */
    public function __construct(public int $count, public Mass $mass, public Money $total)
    {
    }
}
