<?php

declare(strict_types=1);

namespace Sectum\Receive;

/** What was said of a lot, and whether it failed before its day. */
final readonly class JudgedLot
{
    public function __construct(public Verdict $verdict, public bool $failed)
    {
    }
}
