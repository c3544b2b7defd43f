<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Hold\Stretch;

/** How a record stands to one rule. */
final readonly class RuleMet
{
    /**
     * @param  float  $longestMinutes  the longest stretch that counts
     * @param  float|null  $metMinute  when it was met first
     * @param  Missing|null  $missing  null once it is met
     * @param  float|null  $dueMinute  when it is met if all stays as it is; null once it is, and where nothing counts
     * @param  list<Stretch>  $stretches  all that count, in order of time on each probe
     */
    public function __construct(
        public FreezeRule $rule,
        public bool $met,
        public float $longestMinutes,
        public ?float $metMinute,
        public ?Missing $missing,
        public ?float $dueMinute = null,
        public array $stretches = [],
    ) {
    }
}
