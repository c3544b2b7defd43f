<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Measure\Mass;

/** How stiff the fish is. In rigor it tears when filleted and fights the pin-bone pull. */
enum Rigor: string
{
    case Before = 'before';
    case Stiff = 'stiff';
    case Passed = 'passed';

    public function spoken(): string
    {
        return match ($this) {
            self::Before => 'Limp, just killed',
            self::Stiff => 'Stiff',
            self::Passed => 'Flexible again',
        };
    }

    /**
     * How many hours on ice before it is cut. A day or two for a large one; the steps by mass are our estimate.
     *
     * @param  Mass  $mass  of one fish
     */
    public function restHours(Mass $mass): int
    {
        if ($this === self::Passed) {
            return 0;
        }
        $hours = match (true) {
            $mass->grams() < 1000 => 12,
            $mass->grams() < 3000 => 24,
            default => 48,
        };

        return $this === self::Before ? $hours + 6 : $hours;
    }
}
