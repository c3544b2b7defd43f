<?php

declare(strict_types=1);

namespace Sectum\Practise\Sort;

/** What came of sorting parts. */
final readonly class SortResult
{
    /** @param  list<float>  $points  0 to 1, one a part */
    public function __construct(public float $scorePct, public array $points)
    {
    }
}
