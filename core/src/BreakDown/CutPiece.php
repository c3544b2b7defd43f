<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Family;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

/** One piece of a fish: what it was cut from, and its reading if it was weighed. */
final readonly class CutPiece
{
    /**
     * @param  string|null  $parent  the piece it was cut from; null for the whole fish
     * @param  Mass|null  $reading  net of tare; null when not weighed
     * @param  Mass  $resolution  the scale's step
     * @param  Share|null  $expected  its expected share of its parent
     * @param  Family|null  $role  what becomes of it
     * @param  bool|null  $typed  whether somebody typed the reading; false when it came off the scale by itself, null
     *     when nobody knows
     */
    public function __construct(
        public string $id,
        public ?string $parent,
        public ?Mass $reading,
        public Mass $resolution,
        public ?Share $expected = null,
        public ?Part $part = null,
        public ?Family $role = null,
        public ?bool $typed = null,
    ) {
    }
}
