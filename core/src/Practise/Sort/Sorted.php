<?php

declare(strict_types=1);

namespace Sectum\Practise\Sort;

use Sectum\Route\Destinations;
use Sectum\Route\Leftover;

/** A part to be sent to a bin, and where this house sends it. */
final readonly class Sorted
{
    public function __construct(public Leftover $part, public Destinations $to)
    {
    }
}
