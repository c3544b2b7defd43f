<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Plan\BadPlan;

/** One of several dishes cut of the same fish. */
final readonly class Serving
{
    /**
     * @param  float  $targetGrams  of a portion
     *
     * @throws BadPlan which names the figure
     */
    public function __construct(
        public string $id,
        public float $targetGrams,
        public Demand $demand,
        public int $onHand = 0,
    ) {
        ($targetGrams >= 1 && $targetGrams <= 20_000) ||
            throw new BadPlan('A portion weighs 1 g to 20 kg.', $targetGrams, '/target_g');
        ($onHand >= 0 && $onHand <= Demand::MOST) ||
            throw new BadPlan('Between 0 and 10,000 portions can be on hand.', $onHand, '/on_hand');
    }
}
