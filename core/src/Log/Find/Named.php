<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

/** What words in a search may name. */
enum Named: string
{
    case Species = 'species';
    case State = 'state';
    case Supplier = 'supplier';
    case Cutter = 'cutter';
    case Dish = 'dish';
    case Method = 'method';
    case Lot = 'lot';
}
