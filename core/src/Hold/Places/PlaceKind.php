<?php

declare(strict_types=1);

namespace Sectum\Hold\Places;

/** What a cold place is. Cold holding starts with 0 to 5 °C (FDA Food Code 3-501.16). */
enum PlaceKind: string
{
    case ColdRoom = 'cold-room';
    case Freezer = 'freezer';
    /** A blast chiller or freezer: no limit of its own, it is cold while it runs. */
    case Blast = 'blast';
    case Ice = 'ice';
    /** The air over the board: not cold, and fish is out in it. */
    case Kitchen = 'kitchen';

    /** Until the house sets its own. A freezer at −18 °C is the trade's usual; those of ice are an estimate. */
    public function limits(): PlaceLimits
    {
        return match ($this) {
            self::ColdRoom => new PlaceLimits(0.0, 5.0),
            self::Freezer => new PlaceLimits(null, -18.0),
            self::Blast => new PlaceLimits(null, null),
            self::Ice => new PlaceLimits(-1.0, 2.0),
            self::Kitchen => new PlaceLimits(null, null),
        };
    }

    /** Whether fish freezes in it. */
    public function freezes(): bool
    {
        return match ($this) {
            self::Freezer, self::Blast => true,
            self::ColdRoom, self::Ice, self::Kitchen => false,
        };
    }
}
