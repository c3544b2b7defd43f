<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** The rungs of the yield ladder, from the box down to the plate. */
enum Rung: string
{
    case AsBought = 'as bought';
    case Gutted = 'gutted';
    case Headless = 'headless';
    case Fillets = 'fillets';
    case Trimmed = 'trimmed';
    case Skinned = 'skinned';
    case Portions = 'portions';

    /** Whether a fish on this rung has left that one behind, or stands on it. */
    public function isAtLeast(self $other): bool
    {
        return array_search($this, self::cases(), true) >= array_search($other, self::cases(), true);
    }
}
