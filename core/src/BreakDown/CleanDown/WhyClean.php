<?php

declare(strict_types=1);

namespace Sectum\BreakDown\CleanDown;

use Sectum\Sentence;

/** Why the board is cleaned down before the next cut. */
enum WhyClean: string implements Sentence
{
    case GallBurst = 'gall-burst';
    case RawNext = 'raw-next';
    case BetweenLots = 'between-lots';
}
