<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

/** How portions lie there. */
enum KeptState: string
{
    case Chilled = 'chilled';
    case Frozen = 'frozen';
    case Thawed = 'thawed';

    /** Frozen portions are served once they are thawed. */
    public function canBeServed(): bool
    {
        return match ($this) {
            self::Chilled, self::Thawed => true,
            self::Frozen => false,
        };
    }
}
