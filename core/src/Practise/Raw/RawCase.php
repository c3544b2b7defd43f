<?php

declare(strict_types=1);

namespace Sectum\Practise\Raw;

use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Hold\Point;
use Sectum\Portion\Serve\ServiceClass;

/** A dish, its fish, and what there is on paper. */
final readonly class RawCase
{
    /**
     * @param  string|null  $paper  "farmed feed" or "frozen": what came with it
     * @param  FreezeRule|null  $rule  the house asks of its own freezing; null where there is no record
     * @param  list<Point>  $air
     * @param  list<Point>  $core
     */
    public function __construct(
        public FishAsked $fish,
        public ServiceClass $served,
        public ?string $paper,
        public ?FreezeRule $rule,
        public array $air,
        public array $core,
        public Ruling $ruling,
    ) {
    }
}
