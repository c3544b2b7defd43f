<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** Whether what came off a piece adds up to what went on the board. */
enum Verdict: string
{
    case Closed = 'closed';
    case Short = 'short';
    case Over = 'more came off than went on';
    /** Something is not weighed yet, so nothing can be said. */
    case Open = 'open';
}
