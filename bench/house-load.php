<?php

declare(strict_types=1);

// A house in the middle of a service: eight benches that weigh and twelve tablets that look, against the real web
// server and php-fpm over HTTPS, from a second process. php bench/house-load.php [minutes] [database]
// The database is one with a history (as tests/browser/seed.sh prints); without one the kitchen is a new one.

require __DIR__.'/../vendor/autoload.php';

use Illuminate\Support\Str;
use Tests\load\Crowd;
use Tests\load\InstalledHouse;

$minutes = (float) ($argv[1] ?? 10);
$house = new InstalledHouse(8947, 8987);
$lists = ['/receive/cold-room', '/plan/today', '/log', '/portion/tonight', '/cost/plates', '/hold/kept', '/route/bins'];

/** Kilobytes of the processes of this house, by their resident set. */
$memory = function () use ($house): int {
    $pool = 'sectum-'.substr(hash('sha256', $house->data()), 0, 8);
    $sum = 0;
    foreach (glob('/proc/[0-9]*') ?: [] as $process) {
        $of = str_replace("\0", ' ', (string) @file_get_contents("{$process}/cmdline"));
        if (str_contains($of, $pool) || str_contains($of, $house->root)) {
            preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents("{$process}/smaps_rollup"), $found);
            $sum += (int) ($found[1] ?? 0);
        }
    }

    return $sum;
};

/** What the machine's owner gave to others, and all there was, in hundredths of a second of its processors. */
$processors = function (): array {
    $line = (string) fgets(fopen('/proc/stat', 'r'));
    $times = array_map(intval(...), array_slice(preg_split('/\s+/', $line) ?: [], 1, 8));

    return [$times[7] ?? 0, array_sum($times)];
};

try {
    $house->install();
    if (isset($argv[2])) {
        $house->command(['--stop'])->mustRun();
        copy($argv[2], $house->data('/current/sectum.sqlite'));
        $house->install();
        $ids = new PDO("sqlite:{$argv[2]}");
        foreach (['Maren Osk' => '2741', 'Tobin Hale' => '1180', 'Ilse Varga' => '5063'] as $name => $pin) {
            $people[] = [$ids->query("select id from people where name = '{$name}'")?->fetchColumn(), $pin];
        }
    } else {
        $people = [[$house->setUpKitchen(), '739182']];
    }
    $minute = 1;
    $signsIn = function (int $i) use ($people, &$minute): Generator {
        // No two tablets keep the same second.
        yield ['PAUSE', (string) (($minute > 1 ? 0.05 : 0.2) * $i), []];
        if ($minute > 1) {
            return;
        }
        [$person, $pin] = $people[$i % count($people)];
        yield ['GET', '/kitchen', []];
        [$status] = (yield ['POST', '/session', ['person' => $person, 'pin' => $pin]]);
        $status === 200 || throw new RuntimeException("Signing in: {$status}");
    };
    $hake = (new PDO("sqlite:{$house->data('/current/sectum.sqlite')}"))
        ->query("select id from species where name = 'Hake'")?->fetchColumn();
    $acknowledged = [];
    // A fish stays on its board from one minute to the next.
    $boards = [];
    $bench = function (int $i) use ($signsIn, $hake, &$acknowledged, &$boards): Generator {
        yield from $signsIn($i);
        [$n, $fish, $last] = $boards[$i] ?? [0, '', []];
        for (; ; $n++) {
            $boards[$i] = [$n, $fish, $last];
            // A reading every six seconds is a fast hand, and so are three minutes to a fish.
            if ($n % 30 === 0) {
                $fish = (string) Str::ulid();
                [$status] = (yield ['PUT', "/receive/fish/{$fish}", [
                    'reading' => $acknowledged[] = (string) Str::ulid(),
                    'species' => $hake,
                    'supplier' => 'Harbourgate Fish',
                    'state' => 'gutted',
                    'weight' => ['typed' => '4 kg'],
                ]]);
                $last = [];
                $status === 200 || throw new RuntimeException("Receiving: {$status}");
            }
            $part = ['fins', 'head', 'collar', 'frame', 'scrapings'][$n % 5];
            $reading = (string) Str::ulid();
            [$status] = (yield ['PUT', "/breakdown/fish/{$fish}/readings/{$reading}", [
                'part' => $part,
                'weight' => ['typed' => 5 + $n % 40 .' g'],
                ...isset($last[$part]) ? ['replaces' => $last[$part]] : [],
            ]]);
            if ($status === 200) {
                $acknowledged[] = $last[$part] = $reading;
            }
            // A fish on each board every few seconds, its tablet listening meanwhile.
            for ($second = 0; $second < 6; $second++) {
                yield ['PAUSE', '1', []];
                yield ['PUT', '/here/'.($tab ??= (string) Str::ulid()), ['at' => "/breakdown/{$fish}", 'since' => 0]];
            }
            yield ['GET', "/breakdown/fish/{$fish}", []];
        }
    };
    $reader = function (int $i) use ($signsIn, $lists): Generator {
        yield from $signsIn($i);
        $tab = (string) Str::ulid();
        for ($n = $i; ; $n++) {
            yield ['PUT', "/here/{$tab}", ['at' => '/log', 'since' => 0]];
            yield ['PAUSE', '1', []];
            if ($n % 2 === 0) {
                yield ['GET', $lists[intdiv($n, 2) % count($lists)], []];
                yield ['GET', '/spine', []];
            }
        }
    };
    printf(
        "%-8s %8s %8s %8s %8s %8s %10s %8s %8s\n",
        ...['minute', 'answers', 'p50 ms', 'p95 ms', 'p99 ms', 'PUT p95', '5xx', 'MB', 'stolen'],
    );
    $before = $memory();
    $all = new Crowd("https://localhost:{$house->https}", $house->authority());
    $seen = 0;
    for ($minute = 1; $minute <= $minutes; $minute++) {
        $all->took = $all->tookBy = [];
        [$stolen, $of] = $processors();
        $all->run([
            ...array_map(fn (int $i): Generator => $bench($i), range(1, 8)),
            ...array_map(fn (int $i): Generator => $reader($i), range(9, 20)),
        ], 60);
        printf(
            "%-8d %8d %8.1f %8.1f %8.1f %8.1f %10d %8.0f %6.1f %%\n",
            $minute,
            count($all->took),
            $all->percentile(0.5),
            $all->percentile(0.95),
            $all->percentile(0.99),
            $all->percentile(0.95, 'PUT'),
            $all->count(500, 599) + $all->count(0, 0),
            $memory() / 1024,
            100 * ($processors()[0] - $stolen) / max(1, $processors()[1] - $of),
        );
    }
    // What was slow in the last minute.
    $slow = array_filter(array_keys($all->tookBy), fn (string $kind): bool => str_contains($kind, ' '));
    usort($slow, fn (string $a, string $b): int => $all->percentile(0.95, $b) <=> $all->percentile(0.95, $a));
    foreach (array_slice($slow, 0, 6) as $kind) {
        printf("%8.1f ms p95 of %5d  %s\n", $all->percentile(0.95, $kind), count($all->tookBy[$kind]), $kind);
    }
    ksort($all->statuses);
    echo json_encode($all->statuses), "\n", implode("\n", $all->broken), "\n";
    $stored = new PDO("sqlite:{$house->data('/current/sectum.sqlite')}");
    $there = array_flip((array) $stored->query('select id from readings')?->fetchAll(PDO::FETCH_COLUMN));
    $lost = count(array_filter($acknowledged, fn (string $one): bool => ! isset($there[$one])));
    printf("%d readings acknowledged, %d of them not there\n", count($acknowledged), $lost);
} finally {
    $house->end();
}
