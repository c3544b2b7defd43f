<?php

declare(strict_types=1);

namespace Sectum\Custody;

use Sectum\Sentence;

/** Why a list of events is refused as a whole. */
enum BadCustodySays: string implements Sentence
{
    /** An event stands before one that is later. */
    case OutOfOrder = 'out-of-order';
    /** An event is later than the minute that is asked about. */
    case AfterAsked = 'after-asked';
    /** A stretch out of the cold ends before it begins. */
    case WrongWayRound = 'wrong-way-round';
    /** What is used up is not among what it was made of. */
    case NotUsed = 'not-used';
}
