<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

/** What a record lacks for a rule, and from when to when where that says something. */
final readonly class Missing
{
    public function __construct(public Lacks $code, public ?float $from = null, public ?float $to = null)
    {
    }
}
