<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Measure\Mass;
use Sectum\Message;

/** When there will be enough for a batch, by what comes in on an ordinary day. */
final readonly class EnoughSoon
{
    /**
     * @param  float|null  $days  0 when there is enough; null when nothing comes in
     * @param  bool  $tooLate  whether what lies there now ends before
     */
    private function __construct(public ?float $days, public bool $tooLate, public Message $said)
    {
    }

    /**
     * @param  Mass  $have  what may still be eaten
     * @param  Mass  $enough  what a batch takes, above zero
     * @param  Mass  $came  what came in during the days looked at
     * @param  int  $overDays  how many those are, 1 or more
     * @param  int|null  $daysLeft  until the oldest ends, counting today; null when nothing lies there
     */
    public static function of(Mass $have, Mass $enough, Mass $came, int $overDays, ?int $daysLeft): self
    {
        $lacks = $enough->minus($have);
        if (! $lacks->isPositive()) {
            return new self(0.0, false, new Message(EnoughSays::Now));
        }
        if (! $came->isPositive()) {
            return new self(null, false, new Message(EnoughSays::NothingComes, ['lacks' => $lacks]));
        }
        $days = $lacks->milligrams / ($came->milligrams / max(1, $overDays));
        $late = $daysLeft !== null && $days > $daysLeft - 1;
        $soon = $days < 1;

        return new self(
            $days,
            $late,
            new Message(
                match (true) {
                    $soon => $late ? EnoughSays::TomorrowTooLate : EnoughSays::Tomorrow,
                    default => $late ? EnoughSays::InDaysTooLate : EnoughSays::InDays,
                },
                ['count' => (int) ceil($days)],
            ),
        );
    }
}
