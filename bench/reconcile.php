<?php

declare(strict_types=1);

// How long reconcile takes on trees of growing size, beside the smallest one in the same run.

require __DIR__.'/../vendor/autoload.php';

use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Reconcile;
use Sectum\Measure\Mass;

/**
 * @return non-empty-list<CutPiece> a fish of $families cut pieces with five children each, and three more, with one
 *     gross error
 */
function pieces(int $families): array
{
    $step = Mass::ofGrams(5);
    $piece = fn (string $id, ?string $parent, float $grams): CutPiece => new CutPiece(
        $id,
        $parent,
        Mass::ofGrams($grams),
        $step,
    );
    $pieces = [$piece('fish', null, 1490 * $families + 30)];
    for ($i = 0; $i < $families; $i++) {
        $pieces[] = $piece("s{$i}", 'fish', $i === 0 ? 2000 : 1480);
        for ($j = 0; $j < 5; $j++) {
            $pieces[] = $piece("s{$i}-{$j}", "s{$i}", 294);
        }
    }
    for ($i = 0; $i < 3; $i++) {
        $pieces[] = $piece("z{$i}", 'fish', 10);
    }

    return $pieces;
}

printf("%7s %12s %10s %10s\n", 'pieces', 'median ms', 'p95 ms', 'ratio');
$first = null;
foreach ([1, 2, 4, 6, 10, 33, 66] as $families) {
    $tree = new CutTree(pieces($families));
    $times = [];
    for ($run = 0; $run < 40; $run++) {
        $start = hrtime(true);
        Reconcile::of($tree);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    $first ??= $times[20];
    printf("%7d %12.2f %10.2f %10.1f\n", count($tree->pieces), $times[20], $times[38], $times[20] / $first);
}
