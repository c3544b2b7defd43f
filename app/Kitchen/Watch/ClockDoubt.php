<?php

declare(strict_types=1);

namespace App\Kitchen\Watch;

use App\Fish\Reading;
use App\Kitchen\Moment;
use Illuminate\Support\Carbon;

/**
 * A clock that can hardly be right: it stands before the last weight, or so long after it that an empty battery is
 * likelier than a holiday. It is said to everybody, and nothing is forgotten by it.
 */
final readonly class ClockDoubt
{
    /** A kitchen that has weighed nothing for so long was closed, or its clock has jumped. */
    private const LONG_DAYS = 300;

    /** Clocks that are put right move by seconds; a day is a wrong date. */
    private const BACK_DAYS = 1;

    /** What to say of it; null while it may be right. */
    public static function said(): ?string
    {
        $last = Reading::rows()->max('taken_at');
        if (! is_string($last)) {
            return null;
        }
        $weighed = Carbon::parse($last);
        $now = Carbon::now();
        if ($now > $weighed->copy()->subDays(self::BACK_DAYS) && $now < $weighed->copy()->addDays(self::LONG_DAYS)) {
            return null;
        }
        $day = fn (Carbon $one): string => Moment::at($one->toISOString() ?? '')->format('D j M Y');
        [$says, $was] = [$day($now), $day($weighed)];

        return "The clock of the kitchen computer says {$says}, and the last weight was taken {$was}. ".
            'Check the clock before anything is dated by it.';
    }
}
