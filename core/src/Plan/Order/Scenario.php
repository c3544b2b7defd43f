<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

use Random\Randomizer;
use Sectum\Math\Counted;

/** One way an evening may go: what each dish wants, and the fish as they come out of the box. */
final readonly class Scenario
{
    /**
     * @param  list<int>  $wanted  portions to be made, by dish
     * @param  list<int>  $spare  portions on hand that are not wanted, by dish
     * @param  non-empty-list<float>  $lot  flesh of a side, grams, of equally likely fish
     */
    public function __construct(
        public array $wanted,
        public array $spare,
        private array $lot,
        private Randomizer $random,
    ) {
    }

    /** The next fish: what of each of its sides can be portions, grams. */
    public function next(): float
    {
        return $this->lot[$this->random->getInt(0, count($this->lot) - 1)];
    }

    /** @return list<float> chances summed up, to draw from */
    public static function ladder(Counted $counted): array
    {
        $sum = 0.0;

        return array_map(function (float $chance) use (&$sum): float {
            return $sum += $chance;
        }, $counted->chances);
    }

    /** @param  list<float>  $ladder */
    public static function drawn(array $ladder, Randomizer $random): int
    {
        $at = $random->getInt(0, (1 << 53) - 1) / (1 << 53);
        [$low, $high] = [0, max(0, count($ladder) - 1)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $ladder[$middle] > $at ? [$low, $middle] : [$middle + 1, $high];
        }

        return $low;
    }
}
