<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** In what a delivery is not what was ordered. */
enum MatchKind: string
{
    case NotCome = 'not-come';
    case Short = 'short';
    case Over = 'over';
    case NotOrdered = 'not-ordered';
    /** A kind that was not ordered came, and one that was did not. */
    case Substitute = 'substitute';
    case Lighter = 'lighter';
    case Heavier = 'heavier';
    case Dearer = 'dearer';
    case Cheaper = 'cheaper';
}
