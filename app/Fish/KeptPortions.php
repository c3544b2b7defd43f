<?php

declare(strict_types=1);

namespace App\Fish;

use DateTimeImmutable;

/** What is kept for service, asked where portions are planned and answered by the stage that keeps them. */
interface KeptPortions
{
    /**
     * Beside what was cut on a day: portions of earlier days that are there or were served on it, and those of that day
     * that are not there any more.
     *
     * @param  DateTimeImmutable  $day  a kitchen day
     * @return array<string, int> by dish, above or below zero
     */
    public function besides(DateTimeImmutable $day): array;

    /** What is on a tray now, frozen or thawed; null while it lies there as it was put. */
    public function dateOf(string $tray): ?TrayDate;
}
