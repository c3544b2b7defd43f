<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

/** Two fillets on one plate. */
final readonly class Pair
{
    /**
     * @param  int  $first  place in the list as given, from 0, below the second
     * @param  float  $grams  both together
     */
    public function __construct(public int $first, public int $second, public float $grams)
    {
    }
}
