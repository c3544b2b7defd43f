<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Fish\Bin;
use Sectum\Measure\Mass;

/** What to do about something whose date is near: one sentence for the morning list. */
final readonly class EndsSoon
{
    /**
     * @param  int  $daysLeft  counting today; 0 and below when its date is past
     * @param  Mass  $inBin  all that lies in the same bin and may still be eaten
     * @param  Mass|null  $enough  what a batch takes; null when nothing is made of this bin in batches
     */
    public static function advice(
        Bin $bin,
        Keeping $keeping,
        DaysKept $kept,
        int $daysLeft,
        Mass $inBin,
        ?Mass $enough,
    ): string {
        return match (true) {
            $daysLeft <= 0 => 'Past its date. The head chef weighs it into the discard.',
            $enough !== null && $inBin->milligrams >= $enough->milligrams => "Make a batch today: there is enough in {$bin->spoken()}.",
            $keeping === Keeping::Cold && $kept->frozen > 0 => 'Not enough for a batch: freeze it today, or put it into the staff meal.',
            $bin->isServedRaw() => 'Serve it today, or cook it: tomorrow it is not served any more.',
            default => 'Use it today, or put it into the staff meal.',
        };
    }
}
