<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

use Sectum\Sentence;

/** Why a claim is not taken a step on. */
enum ClaimSays: string implements Sentence
{
    /** Answered or credited before it was sent. */
    case NotSent = 'not-sent';
    /** Sent again with nothing new in it. */
    case Unchanged = 'unchanged';
    /** Credited with nothing on the credit note. */
    case NothingCredited = 'nothing-credited';
    /** More than the fish cost: `most` is what they did. */
    case MoreThanTheyCost = 'more-than-they-cost';
}
