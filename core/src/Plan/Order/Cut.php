<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Plan\BadPlan;

/** How a fish becomes portions of one dish. */
final readonly class Cut
{
    /**
     * @param  float  $targetGrams  of a portion
     * @param  float  $endsGrams  squared off and lost on each side
     * @param  int  $sides  a fish comes apart in
     *
     * @throws BadPlan which names the figure
     */
    public function __construct(public float $targetGrams, public float $endsGrams, public int $sides)
    {
        ($targetGrams >= 1 && $targetGrams <= 20_000) ||
            throw new BadPlan('A portion weighs 1 g to 20 kg.', $targetGrams, '/target_g');
        ($endsGrams >= 0 && $endsGrams <= 20_000) ||
            throw new BadPlan('The ends of a side weigh 0 g to 20 kg.', $endsGrams, '/ends_g');
        ($sides >= 1 && $sides <= 8) ||
            throw new BadPlan('A fish comes apart in 1 to 8 sides.', $sides, '/sides');
    }

    /** What of a side can be portions, grams. */
    public function available(float $wholeGrams, float $yieldPct): float
    {
        return max(0.0, ($wholeGrams * $yieldPct) / 100 / $this->sides - $this->endsGrams);
    }

    /** Portions of a target in so much flesh. */
    public static function portionsIn(float $availableGrams, float $targetGrams): int
    {
        return max(0, (int) floor($availableGrams / $targetGrams + 1e-9));
    }
}
