<?php

declare(strict_types=1);

namespace App\Fish;

/** Where a fish waits, in working order; the last two are ways out. */
enum Stage: string
{
    /** Weighed in; its delivery is still open, or the head chef has to decide. */
    case Receive = 'receive';
    case BreakDown = 'breakdown';
    case Portion = 'portion';
    case Route = 'route';
    case Cost = 'cost';
    case Log = 'log';
    /** Goes back to the supplier. */
    case Refused = 'refused';
    /** Its weight was taken back before it was cut. */
    case Withdrawn = 'withdrawn';

    public function next(): self
    {
        return match ($this) {
            self::Receive => self::BreakDown,
            self::BreakDown => self::Portion,
            self::Portion => self::Route,
            self::Route => self::Cost,
            self::Cost, self::Log => self::Log,
            self::Refused, self::Withdrawn => $this,
        };
    }

    /** Whether nothing more is cut of its fillets. */
    public function isAfterPortion(): bool
    {
        return match ($this) {
            self::Route, self::Cost, self::Log => true,
            self::Receive, self::BreakDown, self::Portion, self::Refused, self::Withdrawn => false,
        };
    }

    public function spoken(): string
    {
        return $this === self::BreakDown ? 'Break down' : ucfirst($this->value);
    }
}
