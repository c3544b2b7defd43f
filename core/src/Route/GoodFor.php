<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;

/** A use a part may be put to when nothing forbids it. */
final readonly class GoodFor
{
    /**
     * @param  int  $tier  how good a use, best first
     * @param  non-empty-list<RoutingReason>  $why
     * @param  Preparation|null  $prepare  what is done to it first; null when nothing is
     * @param  int  $worthPct  of its bin's value a kilo of it counts for; bone is not eaten
     */
    public function __construct(
        public Bin $bin,
        public int $tier,
        public array $why,
        public ?Preparation $prepare = null,
        public int $worthPct = 100,
    ) {
    }
}
