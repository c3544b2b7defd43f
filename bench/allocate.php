<?php

declare(strict_types=1);

// How far the allocation may be from the best there is, and how long it takes beside a greedy fill, case by case.

require __DIR__.'/../vendor/autoload.php';

use Sectum\Portion\Allocate\Allocation;
use Sectum\Portion\Allocate\OnBench;
use Sectum\Portion\Allocate\Problem;
use Sectum\Portion\Allocate\Search;
use Sectum\Portion\Allocate\Wanted;

printf(
    "%7s %5s %4s %12s %12s %9s %9s %9s %10s\n",
    'fillets',
    'kinds',
    'seed',
    'objective',
    'bound',
    'gap %',
    'greedy %',
    'seconds',
    'x greedy',
);
foreach ([[8, 2, 5], [60, 3, 8], [400, 5, 3]] as [$many, $several, $seeds]) {
    for ($seed = 1; $seed <= $seeds; $seed++) {
        mt_srand(1000 * $many + $seed);
        $fillets = [];
        for ($i = 0; $i < $many; $i++) {
            $available = mt_rand(700, 2200);
            $fillets[] = new OnBench("fillet {$i}", $available + 120, $available);
        }
        $kinds = [];
        $some = array_slice([[180, 6.4], [140, 4.7], [70, 2.5], [95, 3.2], [165, 5.6]], 0, $several);
        foreach ($some as $k => [$target, $value]) {
            $target += mt_rand(-8, 8);
            $kinds[] = new Wanted(
                "kind {$k}",
                $target,
                (int) (((($many * 1450) / $several / $target) * mt_rand(70, 120)) / 100),
                ($value * mt_rand(90, 110)) / 100,
                $value * 0.3,
            );
        }
        $start = hrtime(true);
        $answer = Allocation::of($fillets, $kinds, 9.0);
        $seconds = (hrtime(true) - $start) / 1e9;
        $start = hrtime(true);
        $problem = Problem::of($fillets, $kinds, 9.0);
        $trim = (9.0 / 1000) * array_sum(array_map(fn (OnBench $fillet): float => $fillet->massGrams, $fillets));
        $greedy = $trim + $problem->worth(Search::greedy($problem));
        $plain = (hrtime(true) - $start) / 1e9;
        printf(
            "%7d %5d %4d %12.2f %12.2f %9.4f %9.3f %9.2f %10.0f\n",
            $many,
            $several,
            $seed,
            $answer->objective,
            $answer->bound,
            $answer->gapPct(),
            100 * (1 - $greedy / $answer->bound),
            $seconds,
            $seconds / $plain,
        );
    }
}
