<?php

declare(strict_types=1);

namespace Sectum\Receive;

/** What becomes of a fish that was inspected. */
enum Verdict: string
{
    case Accept = 'accept';
    case UseFirst = 'use first';
    case Hold = 'hold';
    case Refuse = 'refuse';

    public function spoken(): string
    {
        return match ($this) {
            self::Accept => 'Accept',
            self::UseFirst => 'Use first',
            self::Hold => 'Hold for the head chef',
            self::Refuse => 'Refuse',
        };
    }
}
