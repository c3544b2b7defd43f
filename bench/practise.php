<?php

declare(strict_types=1);

// Whether each drill is fair: over so many seeds, what somebody scores who knows, who throws dice (beside what the
// drill says dice score), and a fixed learner in the middle, who should land between 30 and 90 % on 95 % of seeds.
// php bench/practise.php [seeds]

require __DIR__.'/../vendor/autoload.php';

use Sectum\Practise\Skill;
use Sectum\Tests\Practise\Learner;

$seeds = (int) ($argv[1] ?? 2000);
printf(
    "%-8s %8s %8s %10s %10s %10s %8s %8s %8s %9s\n",
    'drill', 'knows', 'least', 'dice', 'said', 'middle', 'p2.5', 'p97.5', 'in band', 's',
);
foreach (array_map(Skill::from(...), array_slice($argv, 2)) ?: Skill::cases() as $skill) {
    $began = hrtime(true);
    $full = $dice = $said = $middle = [];
    for ($seed = 1; $seed <= $seeds; $seed++) {
        $full[] = Learner::whoKnows()->plays($skill, $seed)[0];
        [$dice[], $said[]] = Learner::whoThrowsDice()->plays($skill, $seed);
        $middle[] = Learner::inTheMiddle()->plays($skill, $seed)[0];
    }
    sort($middle);
    $mean = fn (array $all): float => array_sum($all) / count($all);
    $in = count(array_filter($middle, fn (float $one): bool => $one >= 30 && $one <= 90));
    printf(
        "%-8s %8.1f %8.1f %10.2f %10s %10.1f %8.1f %8.1f %7.1f%% %9.1f\n",
        $skill->value,
        $mean($full),
        min($full),
        $mean($dice),
        $said[0] === null ? '-' : sprintf('%.2f', $mean($said)),
        $mean($middle),
        $middle[(int) (0.025 * $seeds)],
        $middle[(int) (0.975 * $seeds)],
        (100 * $in) / $seeds,
        (hrtime(true) - $began) / 1e9,
    );
}
