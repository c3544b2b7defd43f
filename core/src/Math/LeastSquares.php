<?php

declare(strict_types=1);

namespace Sectum\Math;

/**
 * Weighted least squares over few unknowns, some of which the rows may not determine.
 *
 * The normal equations are scaled to a unit diagonal and factored by Cholesky with the largest pivot first; what is
 * left when no pivot remains is the space the rows say nothing about.
 */
final class LeastSquares
{
    /** Below this, a scaled pivot is rounding and not information. */
    private const NOTHING = 1e-11;

    /** @var array<int, array<int, float>> */
    private array $matrix;

    /** @var array<int, float> */
    private array $right;

    /** @var list<Row> */
    private array $rows = [];

    public function __construct(private readonly int $unknowns)
    {
        $this->matrix = array_fill(0, $unknowns, array_fill(0, $unknowns, 0.0));
        $this->right = array_fill(0, $unknowns, 0.0);
    }

    /**
     * Adds one row: Σ coefficient·unknown should be $target, give or take $sigma.
     *
     * @param  list<int>  $at  which unknowns
     * @param  list<float>  $coefficients  as many
     * @param  float  $sigma  above 0
     */
    public function row(array $at, array $coefficients, float $target, float $sigma): void
    {
        $target /= $sigma;
        foreach ($coefficients as $k => $coefficient) {
            $coefficients[$k] = $coefficient / $sigma;
        }
        $this->rows[] = new Row($at, $coefficients, $target);
        foreach ($at as $k => $i) {
            $a = $coefficients[$k];
            $this->right[$i] += $a * $target;
            foreach ($at as $l => $j) {
                $this->matrix[$i][$j] += $a * $coefficients[$l];
            }
        }
    }

    /** The minimum; with variances when asked, which costs twice the time. */
    public function solve(bool $withVariances = true): LeastSquaresSolution
    {
        $n = $this->unknowns;
        $scale = [];
        foreach ($this->matrix as $i => $line) {
            $scale[$i] = $line[$i] > 0 ? 1 / sqrt($line[$i]) : 0.0;
        }
        $a = [];
        foreach ($this->matrix as $i => $line) {
            foreach ($line as $j => $value) {
                $line[$j] = $value * $scale[$i] * $scale[$j];
            }
            $a[$i] = $line;
        }
        $factor = $this->factor($a);
        [$lower, $order, $rank] = [$factor->lower, $factor->order, $factor->rank];

        $known = array_slice($order, 0, $rank);
        $y = [];
        foreach ($known as $r => $i) {
            $sum = $this->right[$i] * $scale[$i];
            $line = $lower[$i];
            for ($k = 0; $k < $r; $k++) {
                $sum -= $line[$k] * $y[$k];
            }
            $y[$r] = $sum / $line[$r];
        }
        $x = array_fill(0, $n, 0.0);
        for ($r = $rank - 1; $r >= 0; $r--) {
            $sum = $y[$r];
            for ($k = $r + 1; $k < $rank; $k++) {
                $sum -= $lower[$known[$k]][$r] * $x[$known[$k]];
            }
            $x[$known[$r]] = $sum / $lower[$known[$r]][$r];
        }
        foreach ($x as $i => $value) {
            $x[$i] = $value * $scale[$i];
        }

        $determined = $this->determined($lower, $order, $rank);
        $variances = $withVariances ? $this->variances($lower, $known, $scale) : [];
        $estimates = [];
        $spread = [];
        foreach ($x as $i => $value) {
            $estimates[] = $determined[$i] ? $value : null;
            $spread[] = $determined[$i] ? $variances[$i] ?? null : null;
        }

        return new LeastSquaresSolution($estimates, $spread, $this->objective($x));
    }

    /** @param  array<int, float>  $x */
    private function objective(array $x): float
    {
        $sum = 0.0;
        foreach ($this->rows as $row) {
            $residual = -$row->target;
            foreach ($row->at as $k => $i) {
                $residual += $row->coefficients[$k] * $x[$i];
            }
            $sum += $residual * $residual;
        }

        return $sum;
    }

    /**
     * @param  array<int, array<int, float>>  $a
     */
    private function factor(array $a): Factor
    {
        $n = $this->unknowns;
        $order = range(0, $n - 1);
        $diagonal = [];
        $lower = [];
        foreach ($a as $i => $line) {
            $diagonal[$i] = $line[$i];
            $lower[$i] = [];
        }
        for ($r = 0; $r < $n; $r++) {
            $best = $r;
            for ($k = $r + 1; $k < $n; $k++) {
                if ($diagonal[$order[$k]] > $diagonal[$order[$best]]) {
                    $best = $k;
                }
            }
            $p = $order[$best];
            if ($diagonal[$p] < self::NOTHING) {
                return new Factor($lower, array_values($order), $r);
            }
            $order[$best] = $order[$r];
            $order[$r] = $p;
            $root = sqrt($diagonal[$p]);
            $pivotLine = $lower[$p];
            for ($k = $r + 1; $k < $n; $k++) {
                $i = $order[$k];
                $line = $lower[$i];
                $sum = $a[$i][$p];
                for ($j = 0; $j < $r; $j++) {
                    if ($pivotLine[$j] !== 0.0) {
                        $sum -= $line[$j] * $pivotLine[$j];
                    }
                }
                $sum /= $root;
                $lower[$i][] = $sum;
                $diagonal[$i] -= $sum * $sum;
            }
            $lower[$p][] = $root;
        }

        return new Factor($lower, array_values($order), $n);
    }

    /**
     * An unknown is determined when no direction the rows are silent about moves it.
     *
     * @param  array<int, list<float>>  $lower
     * @param  list<int>  $order
     * @return array<int, bool>
     */
    private function determined(array $lower, array $order, int $rank): array
    {
        $determined = array_fill(0, $this->unknowns, true);
        for ($free = $rank; $free < $this->unknowns; $free++) {
            $determined[$order[$free]] = false;
            $direction = [];
            for ($r = $rank - 1; $r >= 0; $r--) {
                $sum = $lower[$order[$free]][$r];
                for ($k = $r + 1; $k < $rank; $k++) {
                    $sum -= $lower[$order[$k]][$r] * $direction[$k];
                }
                $direction[$r] = $sum / $lower[$order[$r]][$r];
                if (abs($direction[$r]) > 1e-6) {
                    $determined[$order[$r]] = false;
                }
            }
        }

        return $determined;
    }

    /**
     * @param  array<int, list<float>>  $lower
     * @param  list<int>  $known
     * @param  array<int, float>  $scale
     * @return array<int, float> by unknown, for those eliminated
     */
    private function variances(array $lower, array $known, array $scale): array
    {
        $rank = count($known);
        $variances = [];
        for ($c = 0; $c < $rank; $c++) {
            // Column c of the inverse factor; the c-th diagonal of the inverse is its sum of squares.
            $column = [];
            $sumOfSquares = 0.0;
            for ($r = $c; $r < $rank; $r++) {
                $line = $lower[$known[$r]];
                $sum = $r === $c ? 1.0 : 0.0;
                for ($k = $c; $k < $r; $k++) {
                    $sum -= $line[$k] * $column[$k];
                }
                $column[$r] = $sum / $line[$r];
                $sumOfSquares += $column[$r] * $column[$r];
            }
            $variances[$known[$c]] = $sumOfSquares * $scale[$known[$c]] ** 2;
        }

        return $variances;
    }
}
