<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

/** How fish is wrapped as it goes into the freezer. How thick that is, in mm, is an estimate. */
enum Wrap: string
{
    case None = 'none';
    case Once = 'once';
    case Twice = 'twice';

    public function mm(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Once => 0.1,
            self::Twice => 0.2,
        };
    }
}
