<?php

declare(strict_types=1);

// Are the bands of expected yields honest? Simulated kitchens, each with a true mean and spread of its own drawn from
// what the starting figure says of kitchens; the 90 % band before each fish, and whether it held the fish. Fixed seed.
// Beside it the plain band of a kitchen that believes its last fish only: mean ± 1.645 sd of the records.

require __DIR__.'/../vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Math\Normal;
use Sectum\Measure\Mass;

$random = new Randomizer(new Mt19937(20261125));
$even = fn (): float => ($random->getInt(0, 999_999_998) + 1) / 1_000_000_000;
$normal = fn (float $mean, float $sd): float => $mean + $sd * Normal::quantile($even());
// Inverse gamma of whole shape: a sum of exponentials, turned over.
$variance = fn (int $alpha, float $beta): float => $beta /
    array_sum(array_map(fn (): float => -log($even()), range(1, $alpha)));

printf("%-34s %9s %9s %9s %9s %10s\n", 'fish already on record', '0-4', '5-9', '10-19', '20-39', 'plain band');
foreach (['no trend with size' => 0.0, 'two points a doubling' => 2.0] as $name => $slope) {
    $held = array_fill(0, 4, [0, 0]);
    $plain = [0, 0];
    for ($kitchen = 0; $kitchen < 1500; $kitchen++) {
        $prior = new StartingYield(62, 3, 4);
        $sigma2 = $variance(3, $prior->sdPct ** 2 * 2);
        $mean = $normal(62, sqrt($sigma2 / $prior->strength));
        $records = [];
        for ($n = 0; $n < 40; $n++) {
            $whole = 2500 * 2 ** $normal(0, 0.5);
            $pct = $normal($mean + $slope * log($whole / 2500, 2), sqrt($sigma2));
            $band = ExpectedYield::of($prior, $records, 0.9, Mass::ofGrams($whole));
            $bin = $n < 5 ? 0 : ($n < 10 ? 1 : ($n < 20 ? 2 : 3));
            $held[$bin][0] += $pct >= $band->lowPct && $pct <= $band->highPct ? 1 : 0;
            $held[$bin][1]++;
            if ($n >= 2) {
                $values = array_map(fn (YieldRecord $r): float => $r->pct, $records);
                $m = array_sum($values) / $n;
                $sd = sqrt(array_sum(array_map(fn (float $v): float => ($v - $m) ** 2, $values)) / ($n - 1));
                $plain[0] += abs($pct - $m) <= 1.645 * $sd ? 1 : 0;
                $plain[1]++;
            }
            $records[] = new YieldRecord($pct, Mass::ofGrams($whole));
        }
    }
    printf(
        "%-34s %7.1f %% %7.1f %% %7.1f %% %7.1f %% %8.1f %%\n",
        "90 % band held, {$name}",
        ...[...array_map(fn (array $h): float => (100 * $h[0]) / $h[1], $held), (100 * $plain[0]) / $plain[1]],
    );
}

// The same where a hand answers one question either way, fish by fish: it costs five points to start with, in truth
// what
// this kitchen's hand makes of it. "As if cut the same" moves each record by what the answers cost, the house's own
// mean
// from three such fish on; "mixed" takes the records as they are.
printf("%-34s %9s %9s %9s %9s\n", 'an answer of five points, by chance', '0-4', '5-9', '10-19', '20-39');
foreach (['as if cut the same' => true, 'mixed' => false] as $name => $moves) {
    $held = array_fill(0, 4, [0, 0]);
    for ($kitchen = 0; $kitchen < 1500; $kitchen++) {
        $prior = new StartingYield(62, 3, 4);
        $sigma2 = $variance(3, $prior->sdPct ** 2 * 2);
        $mean = $normal(62, sqrt($sigma2 / $prior->strength));
        $costs = $normal(5, 1.5);
        $kept = [];
        $lost = [];
        for ($n = 0; $n < 40; $n++) {
            $off = $even() < 0.4;
            $loss = $off ? max(0.0, $normal($costs, 0.8)) : 0.0;
            $pct = $normal($mean, sqrt($sigma2)) - $loss;
            $about = count($lost) < 3 ? 5.0 : array_sum($lost) / count($lost);
            $shift = fn (bool $was): float => $moves ? $about * (($was ? 1 : 0) - ($off ? 1 : 0)) : 0.0;
            $records = array_map(
                fn (array $one): YieldRecord => (new YieldRecord($one[0]))->hadItKept($shift($one[1])),
                $kept,
            );
            $band = ExpectedYield::of($prior->hadItKept($shift(false)), $records, 0.9);
            $bin = $n < 5 ? 0 : ($n < 10 ? 1 : ($n < 20 ? 2 : 3));
            $held[$bin][0] += $pct >= $band->lowPct && $pct <= $band->highPct ? 1 : 0;
            $held[$bin][1]++;
            $kept[] = [$pct, $off];
            $lost = $off ? [...$lost, $loss] : $lost;
        }
    }
    printf(
        "%-34s %7.1f %% %7.1f %% %7.1f %% %7.1f %%\n",
        "90 % band held, {$name}",
        ...array_map(fn (array $h): float => (100 * $h[0]) / $h[1], $held),
    );
}
