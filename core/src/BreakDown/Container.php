<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;

/** A tray or lid that may lie under a piece on the scale. Its name is as somebody typed it, "1" too. */
final readonly class Container
{
    public function __construct(public string $name, public Mass $mass)
    {
    }
}
