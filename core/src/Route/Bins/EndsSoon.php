<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Fish\Bin;
use Sectum\Measure\Mass;
use Sectum\Sentence;

/** What to do about something whose date is near, for the morning list. */
enum EndsSoon: string implements Sentence
{
    case PastItsDate = 'past';
    case EnoughForABatch = 'batch';
    case FreezeIt = 'freeze';
    case ServeOrCookIt = 'serve-or-cook';
    case UseIt = 'use';

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
    ): self {
        return match (true) {
            $daysLeft <= 0 => self::PastItsDate,
            $enough !== null && $inBin->milligrams >= $enough->milligrams => self::EnoughForABatch,
            $keeping === Keeping::Cold && $kept->frozen > 0 => self::FreezeIt,
            $bin->isServedRaw() => self::ServeOrCookIt,
            default => self::UseIt,
        };
    }
}
