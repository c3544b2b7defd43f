<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

/** What happens to a claim, one after the other. */
enum ClaimStep: string
{
    case Sent = 'sent';
    case Answered = 'answered';
    case Credited = 'credited';
}
