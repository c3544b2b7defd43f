<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Settings;

/** What the portions of a fish cost, asked at the board and answered where costs are worked out. */
interface CostOfPortions
{
    /** By all that is known of the fish now; null while it has no price, or nothing that can carry its cost. */
    public function of(Fish $fish, Settings $settings): ?PortionCosts;
}
