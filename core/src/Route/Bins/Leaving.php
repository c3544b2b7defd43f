<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

/** How something leaves a bin. */
enum Leaving: string
{
    case Batch = 'batch';
    /** Eaten as it is: a staff meal, a garnish. */
    case Meal = 'meal';
    case Discard = 'discard';
    /** It was never there, or weighed wrong. */
    case Correction = 'correction';
    /** Into another bin or another place; it comes in there. */
    case Moved = 'moved';

    /** Whether somebody will eat it. */
    public function isEaten(): bool
    {
        return $this === self::Batch || $this === self::Meal;
    }
}
