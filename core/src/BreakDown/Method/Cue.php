<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

/** How a cook knows that a step goes well, what usually goes wrong with it, and what that costs. */
final readonly class Cue
{
    /** @param  string  $drawing  code of its two drawings, right and wrong; empty when nobody drew it */
    public function __construct(
        public string $sign,
        public string $mistake,
        public string $costs,
        public string $drawing = '',
    ) {
    }
}
