<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Measure\Mass;

/** When there will be enough for a batch, by what comes in on an ordinary day. */
final readonly class EnoughSoon
{
    /**
     * @param  float|null  $days  0 when there is enough; null when nothing comes in
     * @param  bool  $tooLate  whether what lies there now ends before
     */
    private function __construct(public ?float $days, public bool $tooLate, public string $said)
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
            return new self(0.0, false, 'Enough for a batch now.');
        }
        if (! $came->isPositive()) {
            return new self(null, false, 'Nothing has come in lately: '.$lacks->print().' short of a batch.');
        }
        $days = $lacks->milligrams / ($came->milligrams / max(1, $overDays));
        $late = $daysLeft !== null && $days > $daysLeft - 1;
        $about =
            $days < 1
                ? 'by tomorrow'
                : 'in about '.(int) ceil($days).' '.((int) ceil($days) === 1 ? 'day' : 'days');

        return new self(
            $days,
            $late,
            "Enough for a batch {$about}.".($late ? ' What lies there ends before: freeze it.' : ''),
        );
    }
}
