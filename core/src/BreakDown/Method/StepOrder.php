<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

/** Of two kinds of step one comes first, and why. Together they are a partial order: what it leaves open is habit. */
final readonly class StepOrder
{
    /** @param  Condition  $when  under these answers; always when it is empty */
    public function __construct(
        public string $first,
        public string $next,
        public Condition $when,
        public string $why,
    ) {
    }
}
