<?php

declare(strict_types=1);

namespace Sectum\Log\Cutter;

use Sectum\Math\Placed;

/** a + b·n^−c for one c, by least squares over the fish of a hand. */
final readonly class PowerLine
{
    /**
     * @param  float  $squares  what it leaves unexplained
     * @param  float  $xx  sum of squares of n^−c about their mean
     */
    private function __construct(
        private float $c,
        private float $mean,
        private float $b,
        private float $middle,
        private float $xx,
        private int $n,
        public float $squares,
    ) {
    }

    /** @param  list<float>  $seen  three or more */
    public static function fit(array $seen, float $c): self
    {
        $n = count($seen);
        $x = array_map(fn (int $i): float => ($i + 1) ** -$c, array_keys($seen));
        [$middle, $mean] = [array_sum($x) / $n, array_sum($seen) / $n];
        $xx = $xy = $yy = 0.0;
        foreach ($seen as $i => $y) {
            $xx += ($x[$i] - $middle) ** 2;
            $xy += ($x[$i] - $middle) * ($y - $mean);
            $yy += ($y - $mean) ** 2;
        }
        $b = $xx > 0 ? $xy / $xx : 0.0;

        return new self($c, $mean, $b, $middle, $xx, $n, max(1e-12, $yy - $b * $xy));
    }

    /** What the n-th fish gives. */
    public function at(int $n): Placed
    {
        $x = $n ** -$this->c - $this->middle;

        return new Placed($this->mean + $this->b * $x, $this->sd() * sqrt(1 / $this->n + $x * $x / $this->xx));
    }

    /** How much more a later fish gives than an earlier one. */
    public function between(int $early, int $late): Placed
    {
        $x = $late ** -$this->c - $early ** -$this->c;

        return new Placed($this->b * $x, ($this->sd() * abs($x)) / sqrt($this->xx));
    }

    private function sd(): float
    {
        return sqrt($this->squares / max(1, $this->n - 2));
    }
}
