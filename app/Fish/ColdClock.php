<?php

declare(strict_types=1);

namespace App\Fish;

/** How long a fish was out of the cold, asked before it goes on a plate, answered by the stage that keeps the cold. */
interface ColdClock
{
    /**
     * @param  bool  $raw  whether it is for a dish that is raw by the rules: the stricter of all limits counts
     * @return string|null why it may not be served, in a sentence; null when it may
     */
    public function forbids(Fish $fish, bool $raw = false): ?string;
}
