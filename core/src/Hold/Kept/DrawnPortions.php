<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

/** So many portions of one lot that left. */
final readonly class DrawnPortions
{
    public function __construct(public KeptLot $lot, public int $count)
    {
    }
}
