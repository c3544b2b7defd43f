<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\MassUnit;

/** One unit taken for another: what was on the scale, and what it was read as. */
final readonly class UnitTaken
{
    public function __construct(public MassUnit $onScale, public MassUnit $readAs)
    {
    }
}
