<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Person;

/** Portions were put onto a tray: from now on they are kept for service. */
final readonly class PortionsTrayed
{
    /**
     * @param  int  $count  portions, 1 or more
     * @param  string  $until  the last day they may be served, YYYY-MM-DD
     * @param  string  $cutOn  the kitchen day the first of them was cut
     */
    public function __construct(
        public string $tray,
        public string $dish,
        public int $count,
        public string $until,
        public string $why,
        public string $cutOn,
        public Person $by,
    ) {
    }
}
