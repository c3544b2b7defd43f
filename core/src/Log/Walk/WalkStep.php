<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

/** Where the grams of a fish go between the box and the plate, in the order in which they leave. */
enum WalkStep: string
{
    /** Water, blood and scales on the board, and what nobody weighed. */
    case Process = 'process';
    case Guts = 'guts';
    case Bones = 'bones';
    case Skin = 'skin';
    /** Flesh on the frame beyond a clean one's spread. */
    case FrameLeft = 'frame-left';
    /** Roe, cheeks, collar, belly, scrapings: eaten, but not as a portion. */
    case Otherwise = 'otherwise';
    case Tidy = 'tidy';
    case Ends = 'ends';
    /** Fillet that is still to be portioned. */
    case ToPortion = 'to-portion';
    /** Fillet that never became a portion. */
    case LeftOver = 'left-over';
    case Over = 'over';
    /** Portions nobody was served: eaten by the staff, to a bin, missing. */
    case Unserved = 'unserved';
    case Discarded = 'discarded';
    /** Portions that are still there. */
    case Kept = 'kept';
    case Plates = 'plates';

    /** Whether a better hand, plan or count leaves less of it. */
    public function canBeLess(): bool
    {
        return match ($this) {
            self::Process,
            self::FrameLeft,
            self::Tidy,
            self::Ends,
            self::LeftOver,
            self::Over,
            self::Unserved,
            self::Discarded => true,
            self::Guts, self::Bones, self::Skin, self::Otherwise, self::ToPortion, self::Kept, self::Plates => false,
        };
    }
}
