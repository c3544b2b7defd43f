<?php

declare(strict_types=1);

namespace Sectum\Log\Week;

/** What a week may have to say. */
enum Matter: string
{
    /** A step of the walk took more than the best of this house would have left. */
    case Step = 'step';
    case ThrownAway = 'thrown-away';
    /** What was invoiced and never came. */
    case Short = 'short';
    /** Something has changed, and when. */
    case Drift = 'drift';
    /** What all fish as the best hand or supplier has them are worth, in a week. */
    case Best = 'best';
}
