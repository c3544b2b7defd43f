<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** What would make a day's work ready in time. */
enum CureKind: string
{
    case Earlier = 'earlier';
    case Longer = 'longer';
    case MoreHands = 'more-hands';
    case Fillets = 'fillets';
}
