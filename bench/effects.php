<?php

/**
 * Differences of hands, said nine times of ten: how often is the true one between, with few hands and with many? Beside
 * it the interval that takes the likeliest spread for known.
 *
 *     php bench/effects.php [houses]
 */

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Log\Effects\Effects;
use Sectum\Log\Effects\Seen;
use Sectum\Log\Effects\Spreads;
use Sectum\Math\Normal;

require __DIR__.'/../vendor/autoload.php';

$houses = (int) ($argv[1] ?? 120);
$random = new Randomizer(new Mt19937(20261128));
$normal = fn (float $sd): float => $sd * Normal::quantile($random->getInt(1, 999_999) / 1_000_000);
printf("%6s %6s %8s %10s %10s %10s %9s\n", 'hands', 'fish', 'true sd', 'covered %', 'plug-in %', 'width', 'seconds');
foreach ([3, 5, 8, 30] as $hands) {
    foreach ([0.4, 1.2] as $real) {
        $within = $plug = $all = 0;
        $width = $seconds = 0.0;
        $many = $hands === 30 ? intdiv($houses, 6) : $houses;
        for ($house = 0; $house < $many; $house++) {
            $true = array_map(fn (int $_): float => $normal($real), range(1, $hands));
            $records = [];
            for ($i = 0; $i < 8 * $hands; $i++) {
                // Hands are not given the same number of fish.
                $hand = min($random->getInt(0, $hands - 1), $random->getInt(0, $hands - 1));
                $grams = (float) $random->getInt(1200, 3200);
                $records[] = Seen::yielding(
                    'hake',
                    $grams,
                    57 + 4 * log($grams / 2000) + $true[$hand] + $normal(1.4),
                    ['cutter' => sprintf('%02d', $hand)],
                );
            }
            $began = hrtime(true);
            $said = Spreads::of($records, ['cutter'], 'cutter')->differences();
            $seconds += (hrtime(true) - $began) / 1e9;
            foreach ($said as $one) {
                $difference = $true[(int) $one->a] - $true[(int) $one->b];
                $within += $difference >= $one->low && $difference <= $one->high ? 1 : 0;
                $width += $one->high - $one->low;
                $all++;
            }
            foreach (Effects::of($records, ['cutter'])->factors[0]->differences as $one) {
                $difference = $true[(int) $one->a] - $true[(int) $one->b];
                $plug += abs($difference - $one->pct) <= 1.645 * $one->sdPct ? 1 : 0;
            }
        }
        printf(
            "%6d %6d %8.1f %10.1f %10.1f %10.2f %9.3f\n",
            $hands,
            8 * $hands,
            $real,
            (100 * $within) / $all,
            (100 * $plug) / $all,
            $width / $all,
            $seconds / $many,
        );
    }
}

// A hand of the mean, with five fish, beside five hands with twenty: how often is it the lowest of six?
$last = $raw = 0;
for ($house = 0; $house < 5 * $houses; $house++) {
    $records = [];
    $sums = [];
    foreach (range(0, 5) as $hand) {
        $true = $hand === 0 ? 0.0 : $normal(0.8);
        for ($i = 0; $i < ($hand === 0 ? 5 : 20); $i++) {
            $pct = 57 + $true + $normal(1.4);
            $records[] = Seen::yielding('hake', 2000.0 + 10 * $i, $pct, ['cutter' => (string) $hand]);
            $sums[$hand][] = $pct;
        }
    }
    $effects = [];
    foreach (Effects::of($records, ['cutter'])->factors[0]->effects as $effect) {
        $effects[$effect->level] = $effect->pct;
    }
    $means = array_map(fn (array $of): float => array_sum($of) / count($of), $sums);
    $last += array_search(min($effects), $effects, true) == 0 ? 1 : 0;
    $raw += array_search(min($means), $means, true) === 0 ? 1 : 0;
}
printf(
    "\nfive fish of a mean hand, the lowest of six: %.1f %% told apart, %.1f %% by plain means (chance: 16.7)\n",
    (100 * $last) / (5 * $houses),
    (100 * $raw) / (5 * $houses),
);
