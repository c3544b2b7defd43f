<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** What a piece and all below it say of its mass, and the cut that says it; no cut where nothing was cut from it. */
final readonly class Upward
{
    public function __construct(public Belief $belief, public ?CutSystem $cut = null)
    {
    }
}
