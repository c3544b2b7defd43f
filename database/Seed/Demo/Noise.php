<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Honest noise from a fixed seed. */
final class Noise
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function between(int $low, int $high): int
    {
        return $this->random->getInt($low, $high);
    }

    /** A draw around a mean: the sum of twelve even draws, which is normal enough here. */
    public function about(float $mean, float $sd): float
    {
        $sum = -6.0;
        for ($k = 0; $k < 12; $k++) {
            $sum += $this->random->getInt(0, 1_000_000) / 1_000_000;
        }

        return $mean + $sd * $sum;
    }

    /** What a scale of five-gram steps shows. */
    public static function steps(float $grams): int
    {
        return (int) (round($grams / 5) * 5);
    }
}
