<?php

declare(strict_types=1);

namespace Sectum\Log;

use Sectum\Fish\Family;
use Sectum\Measure\Mass;

/** A place where something of a fish is now, and how much of it. */
final readonly class Place
{
    /**
     * @param  Family|null  $family  what became of it; null when nothing has yet
     * @param  int  $pieces  1 or more
     */
    public function __construct(
        public string $name,
        public ?Family $family,
        public Mass $mass,
        public int $pieces = 1,
    ) {
    }
}
