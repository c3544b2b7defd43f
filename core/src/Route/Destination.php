<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;

/** A bin a part may go to, or may not, and why. */
final readonly class Destination
{
    /**
     * @param  string  $why  one sentence or two
     * @param  string  $prepare  what is done to it first; empty when nothing is
     */
    public function __construct(
        public Bin $bin,
        public bool $allowed,
        public string $why,
        public string $prepare = '',
    ) {
    }
}
