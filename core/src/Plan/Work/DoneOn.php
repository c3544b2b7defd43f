<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** Which part of the work on a dish is a day's own. */
enum DoneOn: string
{
    /** All that is left of it. */
    case ThisDay = 'this-day';
    /** Broken down, and into what it stands in over night; portioned on another day. */
    case PortionedLater = 'portioned-later';
    /** Portioned and packed; it was broken down on a day before. */
    case BrokenDownBefore = 'broken-down-before';
    /** None: its fish is taken, and that is all. */
    case AnotherDay = 'another-day';
}
