<?php

declare(strict_types=1);

namespace App\Hold\Checks;

/** One line of a day: what was checked when, what came of it, by whom. */
final readonly class Checked
{
    /** @param  bool  $bad  whether it was out of range */
    public function __construct(
        public string $at,
        public string $what,
        public string $result,
        public string $by,
        public bool $bad,
    ) {
    }
}
