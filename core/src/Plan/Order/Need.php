<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Plan\BadPlan;

/** What must be made: the demand less what is on hand, ready to be held against a supply. */
final readonly class Need
{
    /**
     * @param  float  $demandMean  portions
     * @param  list<float>  $more  by portions made: the chance that more are wanted
     * @param  list<float>  $missing  by portions made: how many are missing, on average
     */
    private function __construct(
        public float $demandMean,
        public int $onHand,
        public array $more,
        public array $missing,
    ) {
    }

    /**
     * @param  int  $onHand  portions there are already
     *
     * @throws BadPlan when there are fewer than none
     */
    public static function of(Demand $demand, int $onHand = 0): self
    {
        ($onHand >= 0 && $onHand <= Demand::MOST) ||
            throw new BadPlan('Between 0 and 10,000 portions can be on hand.', $onHand, '/on_hand');
        $more = $missing = [];
        [$tail, $short] = [0.0, 0.0];
        for ($wanted = count($demand->portions->chances) - 1; $wanted > $onHand; $wanted--) {
            $tail += $demand->portions->chances[$wanted] ?? 0.0;
            $short += $tail;
            $more[] = $tail;
            $missing[] = $short;
        }

        return new self($demand->portions->mean(), $onHand, array_reverse($more), array_reverse($missing));
    }

    /** From so many portions made on nothing is missing any more. */
    public function enough(): int
    {
        return count($this->more);
    }

    /**
     * @param  list<float>  $made  chance of each number of portions below `enough`
     */
    public function shortChance(array $made): float
    {
        $short = 0.0;
        foreach ($made as $n => $chance) {
            $short += $chance * ($this->more[$n] ?? 0.0);
        }

        return $short;
    }

    /**
     * @param  list<float>  $made  chance of each number of portions below `enough`
     */
    public function shortMean(array $made): float
    {
        $short = 0.0;
        foreach ($made as $n => $chance) {
            $short += $chance * ($this->missing[$n] ?? 0.0);
        }

        return $short;
    }
}
