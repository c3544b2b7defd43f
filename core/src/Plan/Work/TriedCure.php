<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\Prep\Cutter;

/** A change to the hands of a day, and the hands there would be. */
final readonly class TriedCure
{
    /** @param  non-empty-list<Cutter>  $hands */
    public function __construct(public Cure $cure, public array $hands)
    {
    }
}
