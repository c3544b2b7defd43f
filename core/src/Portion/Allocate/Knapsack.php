<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

/** By room: the most that can be earned in it, and the kind cut last. */
final readonly class Knapsack
{
    /**
     * @param  array<int, float>  $most
     * @param  array<int, int|null>  $last  null where a unit stays empty
     */
    public function __construct(public array $most, public array $last)
    {
    }
}
