<?php

declare(strict_types=1);

namespace App\Fish;

use DateTimeImmutable;

/** Until when what is on a tray may be used as it lies there now. */
final readonly class TrayDate
{
    /**
     * @param  DateTimeImmutable  $day  the last day; best before where it is frozen
     * @param  string  $says  what its label says of it, as a sentence; empty where there is nothing to say
     */
    public function __construct(public DateTimeImmutable $day, public bool $frozen, public string $says)
    {
    }
}
