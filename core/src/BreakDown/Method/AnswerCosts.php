<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Fish\Part;
use Sectum\Fish\Rung;

/**
 * What a set of answers takes off a fish, in points of the fish as bought: the factor by which fish cut by different
 * answers become comparable.
 */
final readonly class AnswerCosts
{
    /** @param  list<array{Part, float}>  $costs  what leaves with an answer, and how much of the fish it is */
    public function __construct(private array $costs)
    {
    }

    /** How much of it is off once the fish stands on that rung. */
    public function downTo(Rung $rung): float
    {
        $points = 0.0;
        foreach ($this->costs as [$part, $pct]) {
            $leaves = $part->leavesAt();
            if ($leaves !== null && $rung->isAtLeast($leaves)) {
                $points += $pct;
            }
        }

        return $points;
    }
}
