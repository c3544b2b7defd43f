<?php

declare(strict_types=1);

namespace Sectum\Cost;

/** What a product costs, and each of its pieces, in minor units; the pieces add up to the total. */
final readonly class ProductCost
{
    /** @param  list<int>  $piecesMinor */
    public function __construct(public string $id, public int $totalMinor, public array $piecesMinor)
    {
    }
}
