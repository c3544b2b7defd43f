<?php

declare(strict_types=1);

namespace Sectum\Log\House;

use DateTimeImmutable;
use Sectum\Fish\Rung;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;

/** A row of an old notebook, or of another house's: what a fish gave, and as much as is known of how. */
final readonly class OldYield
{
    /**
     * @param  int  $place  line it begins on
     * @param  string  $name  of the fish, as it is written there
     * @param  Mass|null  $each  of one fish as purchased; null when it cannot be read
     * @param  float|null  $pct  of as purchased; null when it cannot be read
     * @param  list<string>  $faults  why it cannot be taken
     */
    public function __construct(
        public int $place,
        public string $name,
        public StateBought $state,
        public Rung $step,
        public ?Mass $each,
        public ?float $pct,
        public ?DateTimeImmutable $day,
        public string $cutter,
        public string $supplier,
        public string $method,
        public array $faults,
    ) {
    }
}
