<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;
use Sectum\Message;

/** A bin a part may go to, or may not, and why. */
final readonly class Destination
{
    /**
     * @param  non-empty-list<Message>  $why
     * @param  Preparation|null  $prepare  what is done to it first; null when nothing is
     * @param  int  $worthPct  of the bin's value a kilo of it counts for
     */
    public function __construct(
        public Bin $bin,
        public bool $allowed,
        public array $why,
        public ?Preparation $prepare = null,
        public int $worthPct = 100,
    ) {
    }
}
