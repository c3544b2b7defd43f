<?php

declare(strict_types=1);

namespace App\Receive;

/** Where a fish waits, in working order. It is received when it comes into being. */
enum Stage: string
{
    case BreakDown = 'breakdown';
    case Portion = 'portion';
    case Route = 'route';
    case Cost = 'cost';
    case Log = 'log';

    public function next(): self
    {
        return match ($this) {
            self::BreakDown => self::Portion,
            self::Portion => self::Route,
            self::Route => self::Cost,
            self::Cost, self::Log => self::Log,
        };
    }

    public function spoken(): string
    {
        return $this === self::BreakDown ? 'Break down' : ucfirst($this->value);
    }
}
