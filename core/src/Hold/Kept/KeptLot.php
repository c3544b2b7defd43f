<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

use DateTimeImmutable;

/** Portions of one tray that lie together under one date. */
final readonly class KeptLot
{
    /**
     * @param  int  $in  so many were put there, 1 or more
     * @param  int  $left  0 up to what was put there
     * @param  DateTimeImmutable  $until  the last day they may be served
     * @param  DateTimeImmutable  $since  when they were put there
     */
    private function __construct(
        public string $id,
        public string $dish,
        public KeptState $state,
        public int $in,
        public int $left,
        public DateTimeImmutable $until,
        public DateTimeImmutable $since,
    ) {
    }

    /** @throws NotKept when it is no portion at all, or more left than were put there */
    public static function of(
        string $id,
        string $dish,
        KeptState $state,
        int $in,
        int $left,
        DateTimeImmutable $until,
        DateTimeImmutable $since,
    ): self {
        $in > 0 || throw new NotKept('A tray holds one portion at least.', $in, '/count');
        ($left >= 0 && $left <= $in) ||
            throw new NotKept('No more are left than were put there.', $left, '/count');

        return new self($id, $dish, $state, $in, $left, $until->setTime(0, 0), $since);
    }

    public function less(int $count): self
    {
        return self::of(
            $this->id,
            $this->dish,
            $this->state,
            $this->in,
            $this->left - $count,
            $this->until,
            $this->since,
        );
    }

    /** Days left, counting today; 0 and below when its date is past. */
    public function daysLeft(DateTimeImmutable $today): int
    {
        return (int) $today->setTime(0, 0)->diff($this->until)->format('%r%a') + 1;
    }

    public function isPast(DateTimeImmutable $today): bool
    {
        return $this->daysLeft($today) <= 0;
    }
}
