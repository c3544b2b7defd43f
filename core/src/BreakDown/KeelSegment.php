<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Family;
use Sectum\Measure\Mass;

/** One stretch of the keel. */
final readonly class KeelSegment
{
    /**
     * @param  string  $piece  whose mass it is
     * @param  bool  $remainder  what is left of a piece after others were cut from it
     */
    public function __construct(
        public string $piece,
        public Mass $mass,
        public ?Family $family,
        public bool $remainder,
    ) {
    }
}
