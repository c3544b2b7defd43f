<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

use Sectum\Measure\Money;

/** A fish in a period's walk. */
final readonly class WalkedFish
{
    /**
     * @param  string  $kind  species and state
     * @param  Money  $paid  for the fish, delivery counted and credits taken off
     */
    public function __construct(public FishWalk $walk, public string $kind, public Money $paid)
    {
    }

    /** @return array<string, Money> what was paid for the grams of each step; they add up to what was paid */
    public function paidBySteps(): array
    {
        $weights = array_map(fn (int $mg): int => max(0, $mg), $this->walk->milligrams());
        $paid = array_sum($weights) > 0
            ? $this->paid->split(array_values($weights))
            : array_map(fn (): Money => Money::zero($this->paid->currency), array_values($weights));

        return array_combine(array_keys($weights), $paid);
    }
}
