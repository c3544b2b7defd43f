<?php

declare(strict_types=1);

namespace Sectum\Receive;

/** What is decided about a fish, and why. */
final readonly class Judged
{
    /** @param  non-empty-list<string>  $reasons */
    public function __construct(public Verdict $verdict, public array $reasons)
    {
    }
}
