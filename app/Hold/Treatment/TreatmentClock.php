<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

/** The clock of a treatment: its begin, its window, its end, when it is turned next. Seconds since 1970. */
final readonly class TreatmentClock
{
    public function __construct(
        public int $from,
        public int $early,
        public int $due,
        public int $late,
        public ?int $turn,
        public ?int $ended,
        public int $now,
    ) {
    }
}
