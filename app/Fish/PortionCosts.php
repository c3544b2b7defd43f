<?php

declare(strict_types=1);

namespace App\Fish;

/** What an edible kilo of one fish costs, and how much of that lies above the target of each of its portions. */
final readonly class PortionCosts
{
    /**
     * @param  int  $perKgMinor  labour, delivery and credits counted
     * @param  array<string, int>  $overMinor  by piece; portions of a dish only
     */
    public function __construct(public int $perKgMinor, public array $overMinor)
    {
    }
}
