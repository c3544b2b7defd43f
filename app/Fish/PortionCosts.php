<?php

declare(strict_types=1);

namespace App\Fish;

use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/** What an edible kilo of one fish costs, and how much of that lies above the target of each of its portions. */
final readonly class PortionCosts
{
    /**
     * @param  PricePerKg  $edible  labour, delivery and credits counted
     * @param  array<string, Money>  $over  by piece; portions of a dish only
     */
    public function __construct(public PricePerKg $edible, public array $over)
    {
    }
}
