<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** What is done to fish on its way to a service. */
enum Doing: string
{
    case Receive = 'receive';
    case Thaw = 'thaw';
    case BreakDown = 'break-down';
    case MakeUp = 'make-up';
    case Stand = 'stand';
    case Portion = 'portion';
    case Pack = 'pack';
    case Stock = 'stock';
    case Simmer = 'simmer';

    /** Whether it takes hands; what stands by itself takes none. */
    public function hands(): bool
    {
        return match ($this) {
            self::Receive, self::BreakDown, self::MakeUp, self::Portion, self::Pack, self::Stock => true,
            self::Stand, self::Simmer, self::Thaw => false,
        };
    }
}
