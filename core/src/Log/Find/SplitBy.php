<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

/** By what fish are laid out side by side. */
enum SplitBy: string
{
    case Species = 'species';
    case State = 'state';
    case Size = 'size';
    case Supplier = 'supplier';
    case Cutter = 'cutter';
    case Method = 'method';
    case Month = 'month';
    case FatGrade = 'fat';
}
