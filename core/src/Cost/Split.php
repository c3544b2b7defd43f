<?php

declare(strict_types=1);

namespace Sectum\Cost;

/** The two schools of sharing a fish's cost over products that are not alike. */
enum Split: string
{
    /** A kilo costs the same whatever it became. */
    case ByWeight = 'by-weight';
    /** A kilo costs in proportion to what it is worth. */
    case RelativeValue = 'relative-value';
}
