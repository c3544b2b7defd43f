<?php

declare(strict_types=1);

// Does every combination of answers give a whole step list? The test walks all pairs; here all combinations of a method
// are walked where there are no more than the argument says, and else that many of them at random, for each state it
// may
// come in and three kinds of scales and bones. Fixed seed. Prints how many combinations there are, how many were
// walked,
// how many answers gave way, and the first fault if there is one.
// Usage: php bench/schools.php [at random, 3000 when missing]

use App\Catalogue\Methods;
use Illuminate\Contracts\Console\Kernel;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\BreakDown\SchoolsTest;

require __DIR__.'/../vendor/autoload.php';
putenv('DB_DATABASE='.(getenv('DB_DATABASE') ?: __DIR__.'/../database/demo.sqlite'));
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$most = (int) ($argv[1] ?? 3000);
$random = new Randomizer(new Mt19937(20261127));
printf("%-18s %12s %10s %10s  %s\n", 'method', 'possible', 'walked', 'moved', 'fault');
foreach (['round-two', 'quartered', 'pelagic-loins', 'flat-four', 'flat-whole-width', 'flat-seven', 'tail-loins',
    'many-boned', 'small-ungutted', 'steaks'] as $code) {
    $method = Methods::of($code) ?? exit("No method {$code}: seed the demo first.\n");
    $options = array_map(
        fn ($question): array => array_map(fn ($option): string => $option->code, $question->options),
        $method->questions,
    );
    $possible = array_product(array_map(count(...), $options));
    $walked = $moved = 0;
    $fault = null;
    foreach ($method->form->states() as $state) {
        if (! Methods::suits($code, $state)) {
            continue;
        }
        foreach ([['large', 'short'], ['none', 'none'], ['small', 'many']] as [$scales, $row]) {
            $facts = ['method' => $code, 'state' => $state->value, 'scales-of' => $scales, 'pin-row' => $row];
            for ($i = 0; $i < min($possible, $most); $i++) {
                $given = [];
                $rest = $i;
                foreach ($options as $question => $codes) {
                    $given[$question] = $possible <= $most
                        ? $codes[$rest % count($codes)]
                        : $codes[$random->getInt(0, count($codes) - 1)];
                    $rest = intdiv($rest, count($codes));
                }
                $answered = $method->answered($given, $facts);
                $walked++;
                $moved += count($answered->moved);
                $fault ??= SchoolsTest::fault($method, $answered, $state);
            }
        }
    }
    printf("%-18s %12s %10d %10d  %s\n", $code, number_format($possible), $walked, $moved, $fault ?? 'none');
}
