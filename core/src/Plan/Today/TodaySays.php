<?php

declare(strict_types=1);

namespace Sectum\Plan\Today;

/** What a head chef is told in the morning, what harms most first. */
enum TodaySays: string
{
    /** Many wrong PINs were tried at one name within a day. */
    case WrongPins = 'wrong-pins';
    /** A dish of a service to come today wants more than there is. */
    case Short = 'short';
    /** The hands of the day will not have a dish ready for its service. */
    case Late = 'late';
    /** A service of the days to come wants fish that is neither here nor ordered. */
    case NotOrdered = 'not-ordered';
    /** A banquet of tomorrow has no guaranteed count. */
    case NoCount = 'no-count';
    /** Portions end today. */
    case Ends = 'ends';
    /** A service of the days to come has no dish on its menu. */
    case NoMenu = 'no-menu';
    /** A service is over, and nobody said what it sold. */
    case NotSold = 'not-sold';
}
