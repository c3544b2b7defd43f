<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Sentence;

/** What is wrong with a method somebody wrote. */
enum BadOrder: string implements Sentence
{
    /** Two steps the wrong way round: `first` has to come before `next`, and `why`. */
    case WrongWayRound = 'wrong-way-round';

    /** A part is to come off something (`from`) that no step before it takes off. */
    case NothingToCutFrom = 'nothing-to-cut-from';

    /** With an answer (`option` to `asks`) no step takes a fillet off. */
    case NoFillet = 'no-fillet';
}
