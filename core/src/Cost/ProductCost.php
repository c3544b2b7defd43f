<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Measure\Money;

/** What a product costs, and each of its pieces; the pieces add up to the total. */
final readonly class ProductCost
{
    /** @param  list<Money>  $pieces */
    public function __construct(public string $id, public Money $total, public array $pieces)
    {
    }
}
