<?php

declare(strict_types=1);

namespace Sectum\Portion\Label;

/** How many days a house keeps raw portions, counting the day they were cut. The defaults are estimates. */
final readonly class PortionDays
{
    /**
     * @param  int  $raw  to be cooked, 1 or more
     * @param  int  $rawService  served raw, 1 or more
     */
    public function __construct(public int $raw = 2, public int $rawService = 1)
    {
    }
}
