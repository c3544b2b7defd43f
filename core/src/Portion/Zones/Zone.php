<?php

declare(strict_types=1);

namespace Sectum\Portion\Zones;

use Sectum\Portion\Reach;

/** A stretch of a fillet with dishes and a worth of its own. Where one ends and the next begins is our estimate. */
enum Zone: string
{
    case HeadEnd = 'head-end';
    case Middle = 'middle';
    case Tail = 'tail';
    case Belly = 'belly';

    /** The three along the length, as shares of it; the belly lies beside them. */
    public const HEAD_END_TO = 0.25;

    public const MIDDLE_TO = 0.7;

    /** As shares of the length; null for the belly. */
    public function stretch(): ?Reach
    {
        return match ($this) {
            self::HeadEnd => new Reach(0.0, self::HEAD_END_TO),
            self::Middle => new Reach(self::HEAD_END_TO, self::MIDDLE_TO),
            self::Tail => new Reach(self::MIDDLE_TO, 1.0),
            self::Belly => null,
        };
    }
}
