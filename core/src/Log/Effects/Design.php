<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Math\Cholesky;

/** The records of a mixed model as sums of squares and products: every fit is worked out from these. */
final readonly class Design
{
    /** Residuals below this, points, are rounding. */
    private const LEAST = 1e-9;

    /**
     * @param  list<string>  $factors  with two levels and more
     * @param  list<array<array-key, int>>  $levels  by factor: column of each level, by name
     * @param  array<int, int>  $counts  records by random column
     * @param  array<string, int>  $groups  column of each
     * @param  int|null  $slope  its column; null where all weigh the same
     * @param  list<string>  $leftOut
     * @param  list<int>  $scales  factor of each random column
     * @param  list<list<float>>  $products  of columns with columns
     * @param  list<float>  $right  of columns with yields
     * @param  float  $squares  of yields
     * @param  float  $middle  mean of the yields, which all of them are taken from
     */
    private function __construct(
        public array $factors,
        public array $levels,
        public array $counts,
        public array $groups,
        public ?int $slope,
        public array $leftOut,
        private array $scales,
        private array $products,
        private array $right,
        private float $squares,
        private int $records,
        private float $middle,
    ) {
    }

    /**
     * @param  list<Seen>  $records
     * @param  list<string>  $factors
     */
    public static function of(array $records, array $factors): self
    {
        $used = $levels = $leftOut = $scales = [];
        $columns = 0;
        foreach ($factors as $factor) {
            $names = array_unique(array_map(fn (Seen $one): string => $one->levels[$factor] ?? '', $records));
            sort($names, SORT_STRING);
            if (count($names) < 2) {
                $leftOut[] = $factor;

                continue;
            }
            $of = [];
            foreach ($names as $name) {
                $of[$name] = $columns++;
                $scales[] = count($used);
            }
            $levels[] = $of;
            $used[] = $factor;
        }
        $groups = [];
        foreach ($records as $one) {
            $groups[$one->group] ??= $columns++;
        }
        $logs = array_map(fn (Seen $one): float => log($one->grams), $records);
        $mean = array_sum($logs) / max(1, count($logs));
        $slope = $logs !== [] && max($logs) - min($logs) > 1e-9 ? $columns++ : null;
        $products = array_fill(0, $columns, array_fill(0, $columns, 0.0));
        $right = array_fill(0, $columns, 0.0);
        $counts = array_fill(0, count($scales), 0);
        // Yields are taken from their mean, so that the sums keep their digits.
        $middle = array_sum(array_map(fn (Seen $one): float => $one->value, $records)) / max(1, count($records));
        $squares = 0.0;
        foreach ($records as $i => $one) {
            $at = [];
            foreach ($used as $f => $factor) {
                $column = $levels[$f][$one->levels[$factor] ?? ''];
                $at[$column] = 1.0;
                $counts[$column]++;
            }
            $at[$groups[$one->group]] = 1.0;
            if ($slope !== null) {
                $at[$slope] = $logs[$i] - $mean;
            }
            foreach ($at as $a => $x) {
                $right[$a] += $x * ($one->value - $middle);
                foreach ($at as $b => $y) {
                    $products[$a][$b] += $x * $y;
                }
            }
            $squares += ($one->value - $middle) ** 2;
        }

        return new self(
            $used,
            $levels,
            $counts,
            $groups,
            $slope,
            $leftOut,
            $scales,
            array_map(array_values(...), $products),
            array_values($right),
            $squares,
            count($records),
            $middle,
        );
    }

    /** Columns that are no random ones. */
    public function fixed(): int
    {
        return count($this->right) - count($this->scales);
    }

    /**
     * @param  list<float>  $theta  by factor: its spread in units of the rest, 0 or more
     * @return Fit|null null when groups and masses cannot be told apart
     */
    public function fit(array $theta): ?Fit
    {
        $random = count($this->scales);
        $scale = array_map(
            fn (int $i): float => $i < $random ? $theta[$this->scales[$i]] : 1.0,
            array_keys($this->right),
        );
        $rows = [];
        foreach ($this->products as $i => $line) {
            $row = [];
            for ($j = 0; $j <= $i; $j++) {
                $row[] = $line[$j] * $scale[$i] * $scale[$j] + ($i === $j && $i < $random ? 1.0 : 0.0);
            }
            $rows[] = $row;
        }
        $factor = Cholesky::of($rows);
        if ($factor === null) {
            return null;
        }
        $right = array_map(fn (float $one, float $by): float => $one * $by, $this->right, $scale);
        $solution = $factor->solve($right);
        $rest = $this->squares;
        foreach ($solution as $i => $one) {
            $rest -= $one * $right[$i];
        }
        $free = $this->records - $this->fixed();
        $rest = max($rest, $free * self::LEAST ** 2);
        foreach ($this->groups as $column) {
            $solution[$column] += $this->middle;
        }

        return new Fit(
            $factor,
            array_values($solution),
            sqrt($rest / $free),
            $factor->logDeterminant() + $free * log($rest / $free),
        );
    }
}
