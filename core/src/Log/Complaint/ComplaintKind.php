<?php

declare(strict_types=1);

namespace Sectum\Log\Complaint;

/** What a guest complains of. */
enum ComplaintKind: string
{
    case Bone = 'bone';
    case Illness = 'illness';
    case Quality = 'quality';

    /** Whether what came of the same fish is taken off service until somebody has looked. */
    public function holdsSiblings(): bool
    {
        return match ($this) {
            self::Bone, self::Illness => true,
            self::Quality => false,
        };
    }
}
