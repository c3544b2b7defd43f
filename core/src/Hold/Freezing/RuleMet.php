<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

/** How a record stands to one rule. */
final readonly class RuleMet
{
    /**
     * @param  float  $longestMinutes  the longest stretch that counts
     * @param  float|null  $metMinute  when it was met first
     * @param  Missing|null  $missing  null once it is met
     */
    public function __construct(
        public FreezeRule $rule,
        public bool $met,
        public float $longestMinutes,
        public ?float $metMinute,
        public ?Missing $missing,
    ) {
    }
}
