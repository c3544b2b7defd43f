<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/** The variances that make the records likeliest: a simplex moved downhill (Nelder and Mead), from two starts. */
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
        $best = array_fill(0, $many, 0.0);
        $least = self::deviance($model, $best);
        foreach ([1.0, 0.2] as $start) {
            $found = self::downhill($model, array_fill(0, $many, $start));
            // A spread that comes to rest beside nothing is nothing.
            foreach ($found as $i => $one) {
                $without = array_replace($found, [$i => 0.0]);
                $with = self::deviance($model, $found);
                if ($one < 0.05 && self::deviance($model, array_values($without)) <= $with + 1e-7) {
                    $found = array_values($without);
                }
            }
            $cost = self::deviance($model, $found);
            if ($cost < $least - 1e-9) {
                [$best, $least] = [$found, $cost];
            }
        }

        return $best;
    }

    /** @param  list<float>  $theta */
    private static function deviance(Design $model, array $theta): float
    {
        return $model->fit($theta)->deviance ?? INF;
    }

    /**
     * @param  non-empty-list<float>  $start
     * @return list<float>
     */
    private static function downhill(Design $model, array $start): array
    {
        $n = count($start);
        $corners = [$start];
        foreach (array_keys($start) as $i) {
            $corners[] = array_values(array_replace($start, [$i => $start[$i] * 1.6]));
        }
        $costs = array_map(fn (array $theta): float => self::deviance($model, $theta), $corners);
        for ($step = 0; $step < self::STEPS; $step++) {
            array_multisort($costs, $corners);
            if ($costs[$n] - $costs[0] < self::REST) {
                break;
            }
            $others = array_slice($corners, 0, $n);
            $middle = array_map(
                fn (int $i): float => array_sum(array_map(fn (array $corner): float => $corner[$i], $others)) / $n,
                range(0, $n - 1),
            );
            $to = fn (float $far): array => array_map(
                fn (float $m, float $worst): float => abs($m + $far * ($worst - $m)),
                $middle,
                $corners[$n],
            );
            $mirrored = $to(-1.0);
            $there = self::deviance($model, $mirrored);
            if ($there < $costs[0]) {
                $further = $to(-2.0);
                $beyond = self::deviance($model, $further);
                [$corners[$n], $costs[$n]] = $beyond < $there ? [$further, $beyond] : [$mirrored, $there];
            } elseif ($there < $costs[$n - 1]) {
                [$corners[$n], $costs[$n]] = [$mirrored, $there];
            } else {
                $inside = $to($there < $costs[$n] ? -0.5 : 0.5);
                $within = self::deviance($model, $inside);
                if ($within < min($there, $costs[$n])) {
                    [$corners[$n], $costs[$n]] = [$inside, $within];
                } else {
                    for ($k = 1; $k <= $n; $k++) {
                        $corners[$k] = array_map(
                            fn (float $a, float $b): float => ($a + $b) / 2,
                            $corners[0],
                            $corners[$k],
                        );
                        $costs[$k] = self::deviance($model, $corners[$k]);
                    }
                }
            }
        }
        array_multisort($costs, $corners);

        return array_map(fn (float $one): float => abs($one), $corners[0]);
    }
}
