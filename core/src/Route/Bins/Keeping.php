<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

/** Where a bin's contents lie. */
enum Keeping: string
{
    /** 0 to 4 °C, or on ice. */
    case Cold = 'cold';
    /** −18 °C or colder. */
    case Frozen = 'frozen';
}
