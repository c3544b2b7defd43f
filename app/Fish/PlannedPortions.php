<?php

declare(strict_types=1);

namespace App\Fish;

use DateTimeImmutable;

/** How many portions the services of a day want: asked where portions are cut, answered where services are planned. */
interface PlannedPortions
{
    /**
     * @param  DateTimeImmutable  $day  a kitchen day
     * @return array<string, int> by dish, of those that stand on a menu: as many as they should want on average
     */
    public function on(DateTimeImmutable $day): array;
}
