<?php

declare(strict_types=1);

// How long the cut planner takes for growing requests on a side of 6 kg, beside the smallest one in the same run.

require __DIR__.'/../vendor/autoload.php';

use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PortionPlan;

$fillet = new FilletOnBoard(FilletShape::named('long-side'), 6000, 88, 52, 120, 12);
$kinds = [
    new Kind('plate', 180, 8, 10, 6.4, minMm: 24),
    new Kind('lunch', 140, 6, 8, 4.7, minMm: 18),
    new Kind('tasting', 70, 4, 5, 2.5, minMm: 12),
    new Kind('medallion', 95, 5, 5, 3.2, max: 12, minMm: 20, minEvenness: 0.6),
];
printf("%-8s %6s %12s %10s %8s\n", 'mode', 'kinds', 'median ms', 'p95 ms', 'ratio');
foreach (['exact', 'fit'] as $mode) {
    $first = null;
    for ($n = 1; $n <= 4; $n++) {
        $times = [];
        for ($run = 0; $run < 15; $run++) {
            $start = hrtime(true);
            $mode === 'exact'
                ? PortionPlan::exact($fillet, array_slice($kinds, 0, $n), 9.0)
                : PortionPlan::fit($fillet, array_slice($kinds, 0, $n), 9.0);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $first ??= $times[7];
        printf("%-8s %6d %12.2f %10.2f %8.1f\n", $mode, $n, $times[7], $times[14], $times[7] / $first);
    }
}
