<?php

declare(strict_types=1);

namespace Sectum\Math;

/** A symmetric matrix above nothing, as L·Lᵀ: its determinant, what it solves, and its inverse. */
final readonly class Cholesky
{
    /** @param  list<list<float>>  $lower  rows of L, each up to its diagonal */
    private function __construct(private array $lower)
    {
    }

    /**
     * @param  list<list<float>>  $rows  at least up to the diagonal
     * @return self|null null when it is not above nothing
     */
    public static function of(array $rows): ?self
    {
        $lower = [];
        foreach ($rows as $i => $row) {
            $line = [];
            for ($j = 0; $j < $i; $j++) {
                $sum = $row[$j];
                $other = $lower[$j];
                foreach ($line as $k => $value) {
                    $sum -= $value * $other[$k];
                }
                $line[] = $sum / $other[$j];
            }
            $diagonal = $row[$i];
            foreach ($line as $value) {
                $diagonal -= $value * $value;
            }
            if ($diagonal <= 0 || is_nan($diagonal)) {
                return null;
            }
            $line[] = sqrt($diagonal);
            $lower[] = $line;
        }

        return new self($lower);
    }

    /** Natural logarithm of the determinant. */
    public function logDeterminant(): float
    {
        $sum = 0.0;
        foreach ($this->lower as $i => $line) {
            $sum += log($line[$i]);
        }

        return 2 * $sum;
    }

    /**
     * @param  list<float>  $right
     * @return list<float>
     */
    public function solve(array $right): array
    {
        $n = count($this->lower);
        $y = [];
        foreach ($this->lower as $i => $line) {
            $sum = $right[$i];
            for ($k = 0; $k < $i; $k++) {
                $sum -= $line[$k] * $y[$k];
            }
            $y[] = $sum / $line[$i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            $sum = $y[$i];
            for ($k = $i + 1; $k < $n; $k++) {
                $sum -= $this->lower[$k][$i] * $y[$k];
            }
            $y[$i] = $sum / $this->lower[$i][$i];
        }

        return array_values($y);
    }

    /** @return list<list<float>> */
    public function inverse(): array
    {
        $n = count($this->lower);

        return array_map(
            fn (int $i): array => $this->solve(
                array_map(fn (int $k): float => $k === $i ? 1.0 : 0.0, range(0, $n - 1)),
            ),
            range(0, $n - 1),
        );
    }
}
