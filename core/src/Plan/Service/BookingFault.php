<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

/** Why a line of a book is no service. */
enum BookingFault: string
{
    case Cancelled = 'cancelled';
    case NoDay = 'no-day';
    case NoHour = 'no-hour';
    case NoName = 'no-name';
    /** Nobody said how many come. */
    case NoCovers = 'no-covers';
    case TooMany = 'too-many';
}
