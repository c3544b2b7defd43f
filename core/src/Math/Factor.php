<?php

declare(strict_types=1);

namespace Sectum\Math;

/** A lower triangular factor with the order of its elimination. */
final readonly class Factor
{
    /**
     * @param  array<int, list<float>>  $lower  rows by unknown
     * @param  list<int>  $order
     */
    public function __construct(public array $lower, public array $order, public int $rank)
    {
    }
}
