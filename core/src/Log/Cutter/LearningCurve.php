<?php

declare(strict_types=1);

namespace Sectum\Log\Cutter;

use Sectum\Math\Placed;
use Sectum\Math\StudentMixture;
use Sectum\Math\StudentT;

/**
 * How a hand gets better with every fish: a + b·n^−c, n counted from its first.
 *
 * For a given c it is a straight line in n^−c, solved by least squares; c is not known and is integrated over, each
 * value by how well it explains the fish. Said only from twenty fish on: with fewer every curve fits.
 */
final readonly class LearningCurve
{
    public const FEWEST = 20;

    /** Exponents that are tried, all alike before the fish are seen. Estimate: practice laws lie between. */
    private const EXPONENTS = [0.1, 0.2, 0.3, 0.4, 0.5, 0.7, 0.9, 1.2, 1.6];

    /**
     * @param  StudentMixture  $first  what its first fish gave
     * @param  StudentMixture  $now  what its next gives
     * @param  StudentMixture  $gained  from the first to now
     * @param  list<float>  $curve  its mean, by fish
     */
    private function __construct(
        public int $fish,
        public StudentMixture $first,
        public StudentMixture $now,
        public StudentMixture $gained,
        public array $curve,
    ) {
    }

    /**
     * @param  list<float>  $seen  what each fish gave against what was expected, in order
     * @return self|null null with fewer than twenty
     */
    public static function of(array $seen): ?self
    {
        $n = count($seen);
        if ($n < self::FEWEST) {
            return null;
        }
        $lines = array_map(fn (float $c): PowerLine => PowerLine::fit($seen, $c), self::EXPONENTS);
        $least = min(array_map(fn (PowerLine $line): float => $line->squares, $lines));
        $weights = array_map(
            fn (PowerLine $line): float => ($least / max($line->squares, 1e-12)) ** (($n - 2) / 2),
            $lines,
        );
        $sum = array_sum($weights);
        $weights = array_map(fn (float $one): float => $one / $sum, $weights);
        $student = new StudentT($n - 2);
        $curve = [];
        for ($i = 1; $i <= $n; $i++) {
            $curve[] = array_sum(array_map(
                fn (PowerLine $line, float $weight): float => $weight * $line->at($i)->place,
                $lines,
                $weights,
            ));
        }

        return new self(
            $n,
            new StudentMixture(
                $student,
                array_map(fn (PowerLine $line): Placed => $line->at(1), $lines),
                $weights,
            ),
            new StudentMixture(
                $student,
                array_map(fn (PowerLine $line): Placed => $line->at($n), $lines),
                $weights,
            ),
            new StudentMixture(
                $student,
                array_map(fn (PowerLine $line): Placed => $line->between(1, $n), $lines),
                $weights,
            ),
            $curve,
        );
    }
}
