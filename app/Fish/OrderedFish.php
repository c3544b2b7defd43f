<?php

declare(strict_types=1);

namespace App\Fish;

/** What was ordered: told of what comes in at the door, and asked what a delivery should have cost. */
interface OrderedFish
{
    /** A line of a delivery was written down: the order it comes from, if there is one, has come. */
    public function came(Delivery $delivery, string $species): void;

    /** @return array<string, int> minor units a kilo by species, as they were ordered; empty without an order */
    public function prices(string $delivery): array;
}
