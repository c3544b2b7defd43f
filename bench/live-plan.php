<?php

declare(strict_types=1);

// How often pieces hit their band when the fillet's true shape is 10 % off its table: marks fixed before the first cut,
// beside marks moved after every piece that was weighed. Same fillets, same hand, same run. The hand misses each mark
// by so much (standard deviation); bands beside it, aimed at their middle.

require __DIR__.'/../vendor/autoload.php';

use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\Shape\MeasuredCut;
use Sectum\Portion\Shape\ShapeFit;

const FILLETS = 300;

$even = fn (): float => mt_rand() / mt_getrandmax();
$normal = fn (): float => sqrt(-2 * log(max(1e-12, $even()))) * cos(2 * M_PI * $even());

/** The table with every station up to 10 % heavier or lighter, smoothly along the length. */
$truth = function (FilletShape $table) use ($even): FilletShape {
    $waves = array_map(fn (int $k): array => [(2 * $even() - 1) / $k, 2 * M_PI * $even(), $k], [1, 2, 3]);
    $off = array_map(
        fn (int $j): float => array_sum(
            array_map(fn (array $w): float => $w[0] * cos(($w[2] * M_PI * $j) / 40 + $w[1]), $waves),
        ),
        range(0, 40),
    );
    $most = max(array_map(abs(...), $off));
    $mass = [];
    $thickness = [];
    for ($j = 0; $j <= 40; $j++) {
        $mass[] =
            ($table->massUpTo(min(1, $j / 40 + 1e-4)) - $table->massUpTo(max(0, $j / 40 - 1e-4))) *
            (1 + (0.1 * $off[$j]) / $most);
        $thickness[] = $table->thicknessAt($j / 40);
    }
    $mass[0] *= 2;
    $mass[40] *= 2;

    return FilletShape::of($mass, $thickness);
};

printf(
    "%-13s %6s %7s %9s %12s %12s %12s %14s\n",
    'shape',
    'scale',
    'hand',
    'band',
    'fixed in %',
    'live in %',
    'ratio out',
    'pieces',
);
foreach ([[1, 0.5], [5, 0.5], [1, 1.0]] as [$step, $knife]) {
    foreach (['long-side', 'short-side', 'loin', 'flat-quarter', 'tapered-tail'] as $name) {
        foreach ([[160, 8, 10], [170, 6, 8]] as [$target, $minus, $plus]) {
            mt_srand(20261125);
            $table = FilletShape::named($name);
            $aim = $target + ($plus - $minus) / 2;
            $kinds = [new Kind('plate', $aim, 0, 0, 6.2, minMm: 12)];
            $in = ['fixed' => 0, 'live' => 0];
            $pieces = ['fixed' => 0, 'live' => 0];
            for ($f = 0; $f < FILLETS; $f++) {
                $mass = 1000 + 1000 * $even();
                $length = 4.56 * $mass ** (1 / 3);
                $thick = 2.98 * $mass ** (1 / 3);
                $true = $truth($table);
                $hand = array_map(fn (): float => ($knife / 10) * $normal(), range(0, 30));
                $weigh = fn (float $from, float $to): float => $mass *
                    ($true->massUpTo($to / $length) - $true->massUpTo($from / $length));
                $scale = fn (float $grams): float => max($step, round($grams / $step) * $step);
                $hit = fn (float $grams): int => $grams >= $target - $minus && $grams <= $target + $plus ? 1 : 0;
                $square = 40.0;

                $plan = PortionPlan::exact(
                    new FilletOnBoard($table, $mass, $length, $thick, $square, 10),
                    $kinds,
                    9.0,
                );
                $at = ($plan->pieces[0]->fromCm ?? 0) + $hand[0];
                foreach ($plan->pieces as $k => $piece) {
                    $to = $piece->toCm + $hand[$k + 1];
                    $in['fixed'] += $hit($weigh($at, $to));
                    $pieces['fixed']++;
                    $at = $to;
                }

                $told = $plan->pieces[0]->fromCm ?? 0;
                $at = $told + $hand[0];
                $ends = $scale($weigh(0, $at));
                $left = $mass - $ends;
                $cuts = [new MeasuredCut(0, $told, $ends, $step)];
                for ($k = 1; $k < 30; $k++) {
                    $shape = ShapeFit::of($table, $cuts, $mass, $length);
                    if ($left < $aim) {
                        break;
                    }
                    $next =
                        PortionPlan::exact(
                            FilletOnBoard::ahead($shape, $told, $left, $length, $thick, 10),
                            $kinds,
                            9.0,
                        )->pieces[0] ?? null;
                    if ($next === null) {
                        break;
                    }
                    $to = $at + $next->toCm - $told + $hand[$k];
                    $grams = $weigh($at, $to);
                    $in['live'] += $hit($grams);
                    $pieces['live']++;
                    $left -= $scale($grams);
                    $cuts[] = new MeasuredCut($told, $next->toCm, $scale($grams), $step);
                    $at = $to;
                    $told = $next->toCm;
                }
            }
            $share = fn (string $how): float => (100 * $in[$how]) / $pieces[$how];
            printf(
                "%-13s %4d g %4.1f mm %9s %12.1f %12.1f %12.1f %7d %6d\n",
                $name,
                $step,
                $knife,
                "-{$minus} +{$plus}",
                $share('fixed'),
                $share('live'),
                (100 - $share('fixed')) / max(0.01, 100 - $share('live')),
                $pieces['fixed'],
                $pieces['live'],
            );
        }
    }
}
