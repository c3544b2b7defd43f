<?php

declare(strict_types=1);

namespace App\Plan\Prep;

/** A line of a prep list. */
final readonly class PrepLine
{
    /**
     * @param  float  $start  minute of the day
     * @param  float  $end  minute of the day
     * @param  bool  $clean  whether board and knife are cleaned down before
     * @param  list<string>  $details
     */
    public function __construct(
        public float $start,
        public float $end,
        public bool $clean,
        public string $title,
        public array $details,
    ) {
    }

    public static function hour(float $minute): string
    {
        $whole = (int) round($minute);

        return sprintf('%02d:%02d', intdiv($whole % 1440, 60), $whole % 60);
    }
}
