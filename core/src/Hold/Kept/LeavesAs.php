<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

/** How portions leave the ledger. */
enum LeavesAs: string
{
    case Served = 'served';
    case StaffMeal = 'staff';
    case Discarded = 'discarded';
    /** To another dish; they come in there. */
    case Moved = 'moved';
    /** Into the freezer, or out of it to thaw, or through a brine or cure: they come in again with another date. */
    case Frozen = 'frozen';
    case Thawed = 'thawed';
    case Treated = 'treated';
    /** Not there at the closing count, and nobody knows why. */
    case Missing = 'missing';

    /** Whether somebody eats it: what is past its date is not eaten. */
    public function isEaten(): bool
    {
        return match ($this) {
            self::Served, self::StaffMeal, self::Moved, self::Treated => true,
            self::Discarded, self::Frozen, self::Thawed, self::Missing => false,
        };
    }

    /** Whether it wants a reason from whoever does it. */
    public function wantsReason(): bool
    {
        return match ($this) {
            self::Discarded, self::Missing => true,
            self::Served, self::StaffMeal, self::Moved, self::Frozen, self::Thawed, self::Treated => false,
        };
    }
}
