<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Fish\Bin;
use Sectum\Fish\Part;

/** One answer to a question with several options, and what it costs. */
final readonly class Option
{
    /**
     * @param  Part|null  $part  what leaves the flesh with it; null when nothing does
     * @param  float  $costsPct  how much, in percent of the fish as bought
     * @param  Bin|null  $becomes  where that part usually goes
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $why,
        public ?Part $part,
        public float $costsPct,
        public ?Bin $becomes,
        public bool $usual,
    ) {
    }
}
