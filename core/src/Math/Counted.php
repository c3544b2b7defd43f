<?php

declare(strict_types=1);

namespace Sectum\Math;

/** How many of something there will be: the chance of each number from nothing on. */
final readonly class Counted
{
    /** @param  list<float>  $chances  of none, of one and so on; together 1 */
    public function __construct(public array $chances)
    {
    }

    /** So many trials of one chance each. */
    public static function trials(int $trials, float $chance): self
    {
        $one = new self([1 - $chance, $chance]);
        $all = new self([1.0]);
        for ($i = 0; $i < $trials; $i++) {
            $all = $all->and($one);
        }

        return $all;
    }

    /** Both together, neither knowing of the other. */
    public function and(self $other): self
    {
        $sum = array_fill(0, max(1, count($this->chances) + count($other->chances) - 1), 0.0);
        foreach ($this->chances as $i => $a) {
            foreach ($other->chances as $j => $b) {
                $sum[$i + $j] += $a * $b;
            }
        }

        return new self(array_values($sum));
    }

    public function mean(): float
    {
        return array_sum(
            array_map(fn (int $n, float $chance): float => $n * $chance, array_keys($this->chances), $this->chances),
        );
    }

    public function variance(): float
    {
        $mean = $this->mean();
        $sum = 0.0;
        foreach ($this->chances as $n => $chance) {
            $sum += $chance * ($n - $mean) ** 2;
        }

        return $sum;
    }

    /** The most there are with at least so much certainty, above 0 and below 1. */
    public function atLeast(float $certainty): int
    {
        $tail = 0.0;
        for ($n = count($this->chances) - 1; $n > 0; $n--) {
            $tail += $this->chances[$n] ?? 0.0;
            if ($tail >= $certainty) {
                return $n;
            }
        }

        return 0;
    }
}
