<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

/** What the supplier said to a claim. */
enum ClaimAnswer: string
{
    case Agreed = 'agreed';
    case Partly = 'partly';
    case Rejected = 'rejected';
}
