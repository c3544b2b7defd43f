<?php

declare(strict_types=1);

namespace App\Plan\Prep;

/** Where fish for the board is. */
enum LotWhere: string
{
    case Bench = 'bench';
    case ColdRoom = 'cold-room';
    case Door = 'door';
    case Order = 'order';
}
