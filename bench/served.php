<?php

declare(strict_types=1);

// What the benches that ask a served kitchen share: the server on the loopback, a signed-in client, and a stopwatch.

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;

/** A command over a database of its own, or an exception. */
function over(string $database, string ...$words): void
{
    $process = proc_open(
        $words,
        [1 => ['file', '/dev/null', 'w'], 2 => STDERR],
        $pipes,
        dirname(__DIR__),
        ['DB_DATABASE' => $database, 'SECTUM_DEMO' => 'true'] + getenv(),
    );
    proc_close($process) === 0 || throw new RuntimeException(implode(' ', $words).' failed.');
}

function artisan(string $database, string ...$words): void
{
    over($database, 'php', 'artisan', ...$words);
}

/** The made-up kitchen in a new database. */
function demoKitchen(string $database): void
{
    is_dir(dirname($database)) || mkdir(dirname($database), 0o755, true);
    over($database, 'bin/seed', $database);
}

/**
 * Serves the database until the script ends, signed in as the first of its people.
 *
 * @return callable(string, string, ?array<string, mixed>=): array<string, mixed> a verb, a path beneath /api, a body
 */
function served(string $database, int $port): callable
{
    $server = proc_open(
        [
            'php',
            '-d',
            'opcache.enable_cli=1',
            '-d',
            'variables_order=EGPCS',
            '-d',
            'log_errors=0',
            '-S',
            "127.0.0.1:{$port}",
            '-t',
            'public',
            'bin/router.php',
        ],
        [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
        $pipes,
        dirname(__DIR__),
        ['DB_DATABASE' => $database, 'SECTUM_DEMO' => 'true', 'PHP_CLI_SERVER_WORKERS' => '2'] + getenv(),
    );
    register_shutdown_function(function () use ($server): void {
        $pid = proc_get_status($server)['pid'];
        foreach (explode("\n", trim((string) shell_exec("pgrep -P {$pid}"))) as $child) {
            $child === '' || posix_kill((int) $child, SIGTERM);
        }
        proc_terminate($server);
    });
    for ($try = 0; $try < 60 && @file_get_contents("http://127.0.0.1:{$port}/up") === false; $try++) {
        usleep(100_000);
    }

    return signedIn($port);
}

/**
 * A client of a served kitchen, signed in as the first of its people.
 *
 * @return callable(string, string, ?array<string, mixed>=): array<string, mixed> a verb, a path beneath /api, a body
 */
function signedIn(int $port): callable
{
    $cookies = new CookieJar();
    $client = new Client(['base_uri' => "http://127.0.0.1:{$port}", 'cookies' => $cookies, 'timeout' => 60]);
    $send = function (string $verb, string $path, ?array $body = null) use ($client, $cookies): array {
        $token = $cookies->getCookieByName('XSRF-TOKEN')?->getValue();
        $answer = $client->request(
            $verb,
            $path === '/up' ? $path : "/api{$path}",
            ['headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => urldecode((string) $token)]] +
                ($body === null ? [] : ['json' => $body]),
        );

        return (array) json_decode((string) $answer->getBody(), true);
    };
    $people = $send('GET', '/kitchen')['people'];
    $send('POST', '/session', ['person' => $people[0]['id'], 'pin' => $people[0]['demo_pin']]);

    return $send;
}

/**
 * Often the same: the median and the 95th percentile in milliseconds.
 *
 * @return array{float, float}
 */
function timed(callable $once, int $often = 40): array
{
    $times = [];
    for ($i = 0; $i < $often; $i++) {
        $start = hrtime(true);
        $once($i);
        $times[] = (hrtime(true) - $start) / 1e6;
    }

    return spread($times);
}

/**
 * Several things in turn, so that a machine that is slower for a while is so for each of them alike.
 *
 * @param  array<string, callable>  $things  by name
 * @return array<string, array{float, float}> as `timed`
 */
function timedInTurn(array $things, int $often): array
{
    $times = [];
    for ($i = 0; $i < $often; $i++) {
        foreach ($things as $name => $once) {
            $start = hrtime(true);
            $once($i);
            $times[$name][] = (hrtime(true) - $start) / 1e6;
        }
    }

    return array_map(spread(...), $times);
}

/**
 * @param  list<float>  $times
 * @return array{float, float} their median and 95th percentile
 */
function spread(array $times): array
{
    sort($times);

    return [$times[intdiv(count($times), 2)], $times[(int) ceil(0.95 * count($times)) - 1]];
}

/**
 * The bare route of the framework, and each path beside it as a ratio.
 *
 * @param  array<string, string>  $lists  paths by name
 * @param  string  $part  only those whose name has it
 */
function table(callable $send, array $lists, string $part): void
{
    printf("%-28s %10s %10s %8s\n", '', 'median ms', 'p95 ms', 'ratio');
    $bare = null;
    foreach (['bare framework route' => '/up', ...$lists] as $name => $path) {
        if ($bare === null || str_contains($name, $part)) {
            [$median, $p95] = timed(fn () => $send('GET', $path));
            $bare ??= $median;
            printf("%-28s %10.1f %10.1f %8.1f\n", $name, $median, $p95, $median / $bare);
        }
    }
}

/** Every list and bench of the application, by the path beneath /api. */
const LISTS = [
    'today' => '/plan/today',
    'services' => '/plan/services',
    'prep' => '/plan/prep',
    'order' => '/plan/order',
    'cold room, in its order' => '/receive/cold-room',
    'spine' => '/spine',
    'what can be received' => '/receive',
    'deliveries' => '/receive/deliveries',
    'deliveries, searched' => '/receive/deliveries?q=harbour',
    'to be broken down' => '/breakdown',
    'to be portioned' => '/portion',
    'tonight' => '/portion/tonight',
    'to be routed' => '/route',
    'bins' => '/route/bins',
    'one bin' => '/route/bins/stock',
    'batches' => '/route/batches',
    'to be costed' => '/cost',
    'plates of four weeks' => '/cost/plates',
    'whole or ready cut' => '/cost/ready-cut',
    'log' => '/log',
    'log, last page' => '/log?page=4000',
    'log, searched by species' => '/log?q=hake',
    'log, searched by number' => '/log?q=31234',
    'log, nothing found' => '/log?q=zzzz',
    'log, in words' => '/log?q=hake+since+January+2025+over+1+kg',
    'log, most below expected' => '/log?sort=below',
    'log, a supplier in a month' => '/log?q=from+harbourgate+in+March+2025',
    'log, by supplier' => '/log/by/supplier?q=hake',
    'grams of a quarter' => '/log/walk?from=2025-01-01&until=2025-03-31',
    'fish we know' => '/fish',
    'now' => '/hold/now',
    'kept for service' => '/hold/kept',
    'cold places' => '/hold/places',
    'freezing runs' => '/hold/freezing',
    'treatments' => '/hold/treatments',
    'thaw and pack' => '/hold/thaws',
    'checks of a day' => '/hold/checks',
];
