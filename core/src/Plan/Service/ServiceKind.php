<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

/** How guests come. */
enum ServiceKind: string
{
    /** Those who booked, and those who walk in. */
    case DiningRoom = 'dining-room';
    /** A number of guests that was agreed, of whom some do not come. */
    case Banquet = 'banquet';
}
