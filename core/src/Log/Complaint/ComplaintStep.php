<?php

declare(strict_types=1);

namespace Sectum\Log\Complaint;

/** What is done about a complaint, in no fixed order. */
enum ComplaintStep: string
{
    case Held = 'held';
    case Released = 'released';
    case Answered = 'answered';
    case Noted = 'noted';
    case Closed = 'closed';
}
