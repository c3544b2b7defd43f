<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Sectum\Measure\PricePerKg;
use Sectum\Plan\BadPlan;

/** Fish of one size grade that can be had, and what is expected of them. */
final readonly class Offer
{
    /** Where nobody said how many there are. */
    public const USUALLY = 400;

    /**
     * @param  float  $fromGrams  the lightest of the grade, as purchased
     * @param  float  $toGrams  the heaviest
     * @param  float  $yieldPct  trimmed fillets of it, percent
     * @param  float  $lotSdPct  what is not known of this lot: every fish of it is off alike, points
     * @param  float  $fishSdPct  how fish of one lot differ, points
     * @param  int  $box  fish it is sold by, 1 or more
     * @param  int  $available  fish there are
     * @param  float  $minutes  a fish takes at the board
     *
     * @throws BadPlan which names the figure
     */
    public function __construct(
        public string $id,
        public float $fromGrams,
        public float $toGrams,
        public PricePerKg $price,
        public float $yieldPct,
        public float $lotSdPct = 0.0,
        public float $fishSdPct = 0.0,
        public int $box = 1,
        public int $available = self::USUALLY,
        public float $minutes = 0.0,
    ) {
        ($fromGrams > 0 && $fromGrams <= 500_000) ||
            throw new BadPlan('A fish weighs more than nothing and up to 500 kg.', $fromGrams, '/from_g');
        ($toGrams >= $fromGrams && $toGrams <= 500_000) ||
            throw new BadPlan('The heaviest of a grade is not lighter than its lightest.', $toGrams, '/to_g');
        ($yieldPct > 0 && $yieldPct <= 100) ||
            throw new BadPlan(
                'A fish gives more than nothing and at most all of itself.',
                $yieldPct,
                '/yield/mean_pct',
            );
        ($lotSdPct >= 0 && $lotSdPct <= 50) ||
            throw new BadPlan('A spread of yield is between 0 and 50 points.', $lotSdPct, '/yield/mean_sd_pct');
        ($fishSdPct >= 0 && $fishSdPct <= 50) ||
            throw new BadPlan('A spread of yield is between 0 and 50 points.', $fishSdPct, '/yield/fish_sd_pct');
        $box >= 1 || throw new BadPlan('Fish are sold by one or more.', $box, '/box');
        ($available >= 0 && $available <= self::USUALLY) ||
            throw new BadPlan('Between 0 and 400 fish can be had.', $available, '/available');
        ($available === 0 || $box <= $available) ||
            throw new BadPlan("A box holds {$box} fish, and there are {$available}.", $box, '/box');
        ($minutes >= 0 && $minutes <= 600) ||
            throw new BadPlan('A fish takes 0 to 600 minutes.', $minutes, '/minutes_per_fish');
    }

    /** A trimmed side of the mean fish, grams. */
    public function sideGrams(int $sides): float
    {
        return ($this->meanGrams() * $this->yieldPct) / 100 / $sides;
    }

    public function meanGrams(): float
    {
        return ($this->fromGrams + $this->toGrams) / 2;
    }

    /** The most fish in whole boxes. */
    public function most(): int
    {
        return $this->available - $this->available % $this->box;
    }
}
