<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

/** How far a claim has come. */
enum ClaimState: string
{
    /** Nobody has sent it. */
    case Open = 'open';
    case Sent = 'sent';
    case Answered = 'answered';
    /** Something was credited, less than was claimed, and more may follow. */
    case PartCredited = 'part-credited';
    /** All that was claimed in money came back, or the supplier agreed to part of it and that part came. */
    case Credited = 'credited';
    /** The supplier will not credit anything. */
    case Rejected = 'rejected';

    /** Whether the kitchen waits for nothing more. */
    public function isEnded(): bool
    {
        return $this === self::Credited || $this === self::Rejected;
    }
}
