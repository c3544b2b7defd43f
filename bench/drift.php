<?php

/**
 * A chart of drift: how many fish pass between two false alarms, at the degrees of freedom of a young house and an old
 * one, and after how many a fall of one spread is found. Then the same for charts that stand on a hand's own fish,
 * whose mean before is itself not known.
 *
 *     php bench/drift.php [runs]
 */

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Log\Drift\Baseline;
use Sectum\Log\Drift\Ewma;
use Sectum\Math\Normal;
use Sectum\Math\StudentT;

require __DIR__.'/../vendor/autoload.php';

$runs = (int) ($argv[1] ?? 600);
$random = new Randomizer(new Mt19937(20261128));
$uniform = fn (): float => $random->getInt(1, 9_999_999) / 10_000_000;
$normal = fn (): float => Normal::quantile($uniform());
$t = fn (float $df): float => (new StudentT($df))->quantile($uniform());

/** Fish until the first alarm: the mean is followed by itself, as the chart does it. */
$until = function (callable $z, float $shared = 0.0, int $most = 20_000): int {
    $mean = 0.0;
    for ($i = 1; $i <= $most; $i++) {
        $mean = Ewma::LAMBDA * $z($i) + (1 - Ewma::LAMBDA) * $mean;
        $own = (Ewma::LAMBDA / (2 - Ewma::LAMBDA)) * (1 - (1 - Ewma::LAMBDA) ** (2 * $i));
        $limit = Ewma::WIDTH * sqrt((1 - $shared) * $own + $shared * (1 - (1 - Ewma::LAMBDA) ** $i) ** 2);
        if (abs($mean) > $limit) {
            return $i;
        }
    }

    return $most;
};
$median = function (array $list): float {
    sort($list);

    return $list[intdiv(count($list), 2)];
};

printf("%-22s %22s %26s\n", 'z of Student t', 'fish a false alarm', 'a fall of 1 found after');
foreach ([6, 11, 40] as $df) {
    $alarms = $found = [];
    for ($run = 0; $run < $runs; $run++) {
        $alarms[] = $until(fn (): float => Ewma::z($t($df), 0.0, 1.0, $df));
        // After thirty quiet fish everything falls by one spread.
        $fall = fn (int $i): float => Ewma::z($t($df), 0.0, 1.0, $df) - ($i > 30 ? 1.0 : 0.0);
        $found[] = max(0, $until($fall) - 30);
    }
    $found = array_values(array_filter($found));
    printf("%-22d %22.0f %26.0f\n", $df, array_sum($alarms) / $runs, $median($found));
}
printf("\n%-22s %22s %26s\n", 'own fish before', 'alarms in 60 fish, %', 'a fall of 1 found in 40, %');
foreach ([8, 20, 60] as $before) {
    $alarms = $found = 0;
    for ($run = 0; $run < $runs; $run++) {
        $base = Baseline::of(array_map(fn (): float => $normal(), range(1, $before)));
        if ($base === null) {
            continue;
        }
        $alarms += $until(fn (): float => $base->z($normal()), $base->shared(), 60) < 60 ? 1 : 0;
        $found += $until(fn (): float => $base->z($normal() - 1.0), $base->shared(), 40) < 40 ? 1 : 0;
    }
    printf("%-22d %22.1f %26.1f\n", $before, (100 * $alarms) / $runs, (100 * $found) / $runs);
}
