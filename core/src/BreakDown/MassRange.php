<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;

/** From least to most. */
final readonly class MassRange
{
    public function __construct(public Mass $least, public Mass $most)
    {
    }
}
