<?php

declare(strict_types=1);

namespace Sectum\Hold\Logger;

/** How a logger writes a day. */
enum DateOrder: string
{
    case YearFirst = 'ymd';
    case DayFirst = 'dmy';
    case MonthFirst = 'mdy';
    /** Seconds since 1970. */
    case Seconds = 'seconds';
}
