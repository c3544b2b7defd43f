<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/** The variances that make the records likeliest: a simplex that is moved downhill (Nelder and Mead), from two starts. */
final readonly class Variances
{
    /** Steps of the simplex, at most, and the deviance below which it has come to rest. */
    private const STEPS = 400;

    private const REST = 1e-10;

    /**
     * @return list<float> by factor: its spread in units of the rest
     */
    public static function best(Design $model): array
    {
        $many = count($model->factors);
        if ($many === 0) {
            return [];
        }
        $deviance = fn (array $theta): float => $model->fit(array_map(fn (float $one): float => abs($one), array_values($theta)))->deviance ?? INF;
        $best = array_fill(0, $many, 0.0);
        $least = $deviance($best);
        foreach ([1.0, 0.2] as $start) {
            $found = self::downhill($deviance, array_fill(0, $many, $start));
            // A spread that comes to rest beside nothing is nothing.
            foreach ($found as $i => $one) {
                $without = array_replace($found, [$i => 0.0]);
                if ($one < 0.05 && $deviance(array_values($without)) <= $deviance($found) + 1e-7) {
                    $found = array_values($without);
                }
            }
            $cost = $deviance($found);
            if ($cost < $least - 1e-9) {
                [$best, $least] = [$found, $cost];
            }
        }

        return $best;
    }

    /**
     * @param  callable(list<float>): float  $cost
     * @param  non-empty-list<float>  $start
     * @return list<float>
     */
    private static function downhill(callable $cost, array $start): array
    {
        $n = count($start);
        $corners = [$start];
        foreach (array_keys($start) as $i) {
            $corners[] = array_values(array_replace($start, [$i => $start[$i] * 1.6]));
        }
        $costs = array_map($cost, $corners);
        for ($step = 0; $step < self::STEPS; $step++) {
            array_multisort($costs, $corners);
            if ($costs[$n] - $costs[0] < self::REST) {
                break;
            }
            $middle = array_map(
                fn (int $i): float => array_sum(array_map(fn (int $k): float => $corners[$k][$i], range(0, $n - 1))) / $n,
                range(0, $n - 1),
            );
            $to = fn (float $far): array => array_map(
                fn (float $m, float $worst): float => abs($m + $far * ($worst - $m)),
                $middle,
                $corners[$n],
            );
            $mirrored = $to(-1.0);
            $there = $cost($mirrored);
            if ($there < $costs[0]) {
                $further = $to(-2.0);
                $beyond = $cost($further);
                [$corners[$n], $costs[$n]] = $beyond < $there ? [$further, $beyond] : [$mirrored, $there];
            } elseif ($there < $costs[$n - 1]) {
                [$corners[$n], $costs[$n]] = [$mirrored, $there];
            } else {
                $inside = $to($there < $costs[$n] ? -0.5 : 0.5);
                $within = $cost($inside);
                if ($within < min($there, $costs[$n])) {
                    [$corners[$n], $costs[$n]] = [$inside, $within];
                } else {
                    for ($k = 1; $k <= $n; $k++) {
                        $corners[$k] = array_map(
                            fn (float $a, float $b): float => ($a + $b) / 2,
                            $corners[0],
                            $corners[$k],
                        );
                        $costs[$k] = $cost($corners[$k]);
                    }
                }
            }
        }
        array_multisort($costs, $corners);

        return array_map(fn (float $one): float => abs($one), $corners[0]);
    }
}
