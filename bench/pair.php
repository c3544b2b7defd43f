<?php

declare(strict_types=1);

// Small fillets matched in twos and in threes, beside a greedy fill (each with the first that fits, heaviest first), in
// one run; threes with the bound nobody can pass.

require __DIR__.'/../vendor/autoload.php';

use Sectum\Portion\Cuts\Grouping;
use Sectum\Portion\Cuts\Pairing;

/**
 * @param  list<float>  $masses
 * @return array{int, float} pairs and spread
 */
function greedy(array $masses, float $target, float $minus, float $plus): array
{
    rsort($masses);
    $pairs = 0;
    $spread = 0.0;
    while ($masses !== []) {
        $first = array_shift($masses);
        foreach ($masses as $i => $other) {
            if ($first + $other >= $target - $minus && $first + $other <= $target + $plus) {
                array_splice($masses, $i, 1);
                $pairs++;
                $spread += ($first + $other - $target) ** 2;

                break;
            }
        }
    }

    return [$pairs, $spread];
}

mt_srand(20261127);
printf("%8s %14s %14s %12s %12s\n", 'fillets', 'pairs', 'greedy', 'seconds', '× greedy');
foreach ([40, 100, 200, 400] as $count) {
    $masses = [];
    for ($i = 0; $i < $count; $i++) {
        $masses[] = mt_rand(700, 1300) / 10;
    }
    $start = hrtime(true);
    $found = Pairing::of($masses, 200, 6, 6);
    $took = (hrtime(true) - $start) / 1e9;
    $start = hrtime(true);
    [$pairs, $spread] = greedy($masses, 200, 6, 6);
    $greedy = (hrtime(true) - $start) / 1e9;
    printf(
        "%8d %5d (%6.0f) %5d (%6.0f) %12.3f %12.0f\n",
        $count,
        count($found->pairs),
        $found->spread,
        $pairs,
        $spread,
        $took,
        $took / max($greedy, 1e-9),
    );
}

/**
 * @param  list<float>  $masses
 */
function greedyThrees(array $masses, float $target, float $minus, float $plus): int
{
    rsort($masses);
    $threes = 0;
    while (count($masses) >= 3) {
        $first = array_shift($masses);
        foreach ($masses as $i => $second) {
            foreach (array_slice($masses, $i + 1, null, true) as $j => $third) {
                $sum = $first + $second + $third;
                if ($sum >= $target - $minus && $sum <= $target + $plus) {
                    array_splice($masses, $j, 1);
                    array_splice($masses, $i, 1);
                    $threes++;

                    continue 3;
                }
            }
        }
    }

    return $threes;
}

printf("\n%8s %8s %8s %8s %12s\n", 'fillets', 'threes', 'bound', 'greedy', 'seconds');
foreach ([40, 100, 200, 400] as $count) {
    $masses = [];
    for ($i = 0; $i < $count; $i++) {
        $masses[] = mt_rand(350, 1050) / 10;
    }
    $start = hrtime(true);
    $found = Grouping::of($masses, 210, 6, 6, 3);
    $took = (hrtime(true) - $start) / 1e9;
    printf(
        "%8d %8d %8d %8d %12.3f\n",
        $count,
        count($found->groups),
        $found->bound,
        greedyThrees($masses, 210, 6, 6),
        $took,
    );
}
