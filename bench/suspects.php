<?php

declare(strict_types=1);

// Is the mistake named? Fish of the catalogue broken down with honest noise, one mistake each, against what the
// reconciliation says first; and sound fish, on which it should say nothing. Fixed seed. A mistake is drawn anew while
// it changes the reading by less than 4 % of the fish, two spreads of a part's share: below that, which part it was
// cannot be known. "Small" says how often. All came off the scale but the one written down wrong, which was typed; a
// tray is forgotten on the scale. Beside it the plain rule of a kitchen: the part that lies farthest from its usual
// share is wrong.

require __DIR__.'/../vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;
use Sectum\BreakDown\Reconcile;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Math\Normal;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

const LEAST_PCT = 4;

$random = new Randomizer(new Mt19937(20261125));
$even = fn (): float => ($random->getInt(0, 999_999_998) + 1) / 1_000_000_000;
$normal = fn (float $mean, float $sd): float => $mean + $sd * Normal::quantile($even());
$table = function (string $name): array {
    $lines = array_map(
        fn (string $line): array => str_getcsv($line, ',', '"', ''),
        file(dirname(__DIR__)."/database/catalogue/{$name}.csv", FILE_IGNORE_NEW_LINES),
    );

    return array_map(fn (array $cells): array => array_combine($lines[0], $cells), array_slice($lines, 1));
};
$shares = [];
foreach ($table('shares') as $row) {
    $shares[$row['species']][$row['state']][$row['part']] = new Share(
        (float) $row['mean_pct'],
        (float) $row['sd_pct'],
    );
}
$species = array_values(
    array_filter($table('species'), fn (array $row): bool => isset($shares[$row['name']][$row['usual_state']])),
);
$tares = ['half tray' => Mass::ofGrams(412), 'lid' => Mass::ofGrams(96), 'small tub' => Mass::ofGrams(158)];

/** Readings in grams by part of one fish, with the usual loss, whole first; and its shares. */
$fish = function () use (&$random, $normal, $species, $shares): array {
    while (true) {
        $kind = $species[$random->getInt(0, count($species) - 1)];
        $of = $shares[$kind['name']][$kind['usual_state']];
        $parts = array_values(
            array_filter(
                BodyForm::from($kind['form'])->parts(),
                fn (Part $part): bool => isset($of[$part->value]) && ! $part->comesOffAFillet(),
            ),
        );
        if (count($parts) < 4) {
            continue;
        }
        $whole = round((1200 * 5 ** ($random->getInt(0, 1000) / 1000)) / 5) * 5;
        $true = array_map(
            fn (Part $part): float => max(
                5.0,
                ($whole * $normal($of[$part->value]->meanPct, $of[$part->value]->sdPct)) / 100,
            ),
            $parts,
        );
        // What is named comes to all of the fish, but for what the board takes.
        $scale = ($whole * (1 - max(0.0, $normal(0.5, 0.4)) / 100)) / array_sum($true);
        $expected = 100 * array_sum(array_map(fn (Part $part): float => $of[$part->value]->meanPct / 100, $parts));
        if (abs($scale - 1) > 0.08 || abs($expected - 100) > 8) {
            continue;
        }
        $readings = ['fish' => $whole];
        foreach ($parts as $i => $part) {
            $readings[$part->value] = round(($true[$i] * $scale) / 5) * 5;
        }

        return [$readings, $of];
    }
};
$tree = fn (array $readings, array $of, ?string $typed = null): CutTree => new CutTree(
    array_map(
        fn (string $part): CutPiece => new CutPiece(
            $part,
            $part === 'fish' ? null : 'fish',
            Mass::ofGrams($readings[$part]),
            Mass::ofGrams(5),
            $part === 'fish' ? null : $of[$part] ?? null,
            Part::tryFrom($part),
            null,
            $part === $typed,
        ),
        array_keys($readings),
    ),
    new Loss(),
    $tares,
);
$mistakes = [
    'tare' => function (float $true) use ($tares): float {
        return round(($true + $tares['half tray']->grams()) / 5) * 5;
    },
    // The scale stood at ounces and the figure was written down as grams.
    'unit' => fn (float $true): float => round(($true / (float) MassUnit::Ounce->grams()) * 2) / 2,
    'digits' => function (float $true) use (&$random): float {
        $written = (string) (int) $true;
        $i = $random->getInt(0, max(0, strlen($written) - 2));
        if (strlen($written) > 1) {
            [$written[$i], $written[$i + 1]] = [$written[$i + 1], $written[$i]];
        }

        return (float) $written;
    },
    'twice' => fn (float $true, float $before): float => $before,
];
printf("%-10s %8s %8s %8s %8s %12s\n", 'mistake', 'cases', 'small', 'piece', 'named', 'plain rule');
foreach ($mistakes as $kind => $mistake) {
    $cases = (int) ($argv[1] ?? 200);
    $piece = $named = $plain = $drawn = 0;
    for ($case = 0; $case < $cases; $case++) {
        do {
            [$readings, $of] = $fish();
            $parts = array_values(array_diff(array_keys($readings), ['fish']));
            $at = $random->getInt($kind === 'twice' ? 1 : 0, count($parts) - 1);
            $wrong = $parts[$at];
            $was = $readings[$wrong];
            // What is entered twice is what was on the scale just before.
            $readings[$wrong] = $mistake($was, $at > 0 ? $readings[$parts[$at - 1]] : 0.0);
            $drawn++;
        } while (abs($readings[$wrong] - $was) < (LEAST_PCT / 100) * $readings['fish'] || $readings[$wrong] <= 0);
        $likeliest = Reconcile::of($tree($readings, $of, $kind === 'tare' ? null : $wrong))->diagnosis;
        $piece += ($likeliest->id ?? null) === $wrong ? 1 : 0;
        $named +=
            ($likeliest->id ?? null) === $wrong && ($likeliest->explanation->kind->value ?? null) === $kind ? 1 : 0;
        if (getenv('SHOW') === $kind && ($likeliest->explanation->kind->value ?? null) !== $kind) {
            printf(
                "  %s %s: %g for %g; said %s %s %g\n",
                $kind,
                $wrong,
                $readings[$wrong],
                $was,
                $likeliest->id ?? '-',
                $likeliest->explanation->kind->value ?? '-',
                $likeliest->explanation?->corrected?->grams() ?? 0,
            );
        }
        $far = array_map(
            fn (string $part): float => isset($of[$part])
                ? abs((100 * $readings[$part]) / $readings['fish'] - $of[$part]->meanPct) / $of[$part]->sdPct
                : 0.0,
            $parts,
        );
        $plain += $parts[(int) array_search(max($far), $far, true)] === $wrong ? 1 : 0;
    }
    printf(
        "%-10s %8d %6.1f %% %6.1f %% %6.1f %% %10.1f %%\n",
        $kind,
        $cases,
        100 * (1 - $cases / $drawn),
        (100 * $piece) / $cases,
        (100 * $named) / $cases,
        (100 * $plain) / $cases,
    );
}
$alarms = 0;
for ($case = 0; $case < 200; $case++) {
    [$readings, $of] = $fish();
    $alarms += Reconcile::of($tree($readings, $of))->suspects === [] ? 0 : 1;
}
printf("%-10s %8d %8d false alarms\n", 'sound', 200, $alarms);
