<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** What can happen to a thing that is kept. */
enum CustodyEventKind: string
{
    case Received = 'received';
    case Made = 'made';
    case Warm = 'warm';
    case Released = 'released';
    case NotCooled = 'not-cooled';
    case Frozen = 'frozen';
    case Proof = 'proof';
    case Airless = 'airless';
    case Opened = 'opened';
    case Thaw = 'thaw';
    case Thawed = 'thawed';
    case Discarded = 'discarded';

    /** Whether it is applied to each thing by itself; an act fails as a whole. */
    public function isFact(): bool
    {
        return match ($this) {
            self::Warm,
            self::Released,
            self::NotCooled,
            self::Opened,
            self::Thaw,
            self::Thawed,
            self::Discarded => true,
            self::Received,
            self::Made,
            self::Frozen,
            self::Proof,
            self::Airless => false,
        };
    }
}
