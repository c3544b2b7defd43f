<?php

declare(strict_types=1);

namespace Sectum\Cost;

/** A dish of the menu with what was sold of it. Money in minor units of one currency. */
final readonly class MenuDish
{
    public int $contribution;

    public function __construct(public int $sold, int $netPrice, int $plateCost)
    {
        $this->contribution = $netPrice - $plateCost;
    }
}
