<?php

declare(strict_types=1);

namespace Sectum\Portion\Zones;

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

    /** @return array{float, float}|null shares of the length, null for the belly */
    public function stretch(): ?array
    {
        return match ($this) {
            self::HeadEnd => [0.0, self::HEAD_END_TO],
            self::Middle => [self::HEAD_END_TO, self::MIDDLE_TO],
            self::Tail => [self::MIDDLE_TO, 1.0],
            self::Belly => null,
        };
    }
}
