<?php

declare(strict_types=1);

// The morning queue and every list over a log of many fish, beside a bare route of the same framework in the same
// run.
// php bench/log.php [fish] [part of a row's name]. Makes its own database in bench/.out
// and serves it on the loopback; 40 requests a row.

require __DIR__.'/../vendor/autoload.php';

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;

$many = (int) ($argv[1] ?? 50_000);
$root = dirname(__DIR__);
$file = "{$root}/bench/.out/log-{$many}.sqlite";
$port = 8452;
$env = ['DB_DATABASE' => $file, 'SECTUM_DEMO' => 'true', 'PHP_CLI_SERVER_WORKERS' => '2'] + getenv();

/** @param  list<string>  $words */
$run = function (array $words) use ($root, $env): void {
    $process = proc_open($words, [1 => ['file', '/dev/null', 'w'], 2 => STDERR], $pipes, $root, $env);
    proc_close($process) === 0 || throw new RuntimeException(implode(' ', $words).' failed.');
};
if (! is_file($file)) {
    is_dir(dirname($file)) || mkdir(dirname($file), 0o755, true);
    touch($file);
    foreach (
        [
            ['migrate', '--force', '--quiet'],
            ['db:seed', '--force', '--quiet', '--class=Database\Seed\CatalogueSeeder'],
            ['db:seed', '--force', '--quiet', '--class=Database\Seed\DemoSeeder'],
        ] as $words
    ) {
        $run(['php', 'artisan', ...$words]);
    }
    $db = new PDO("sqlite:{$file}");
    $db->exec('pragma journal_mode = memory; pragma synchronous = off; begin');
    $person = $db->quote((string) $db->query('select id from people limit 1')->fetchColumn());
    $id = fn (string $kind, string $n): string => "printf('01{$kind}%023d', {$n})";
    $numbers = fn (
        int $to,
    ): string => "with recursive n(i) as (select 0 union all select i + 1 from n where i + 1 < {$to})";
    $db->exec(
        'create temp table kinds as select row_number() over (order by name) - 1 as k, id
            from species; create temp table sellers as select row_number() over (order by name) - 1 as k, id
            from suppliers',
    );
    $kinds = (int) $db->query('select count(*) from kinds')->fetchColumn();
    $sellers = (int) $db->query('select count(*) from sellers')->fetchColumn();
    $day = "date('2024-01-01', '+' || (i / 60) || ' days')";
    $db->exec(
        "{$numbers(
            intdiv($many, 4),
        )} insert into deliveries (id, supplier_id, number, delivered_on, open, received_by, received_at) select {$id(
            'D',
            'i',
        )}, (select id from sellers where k = i % {$sellers}), 'B-' || i,
            date('2024-01-01', '+' || (i / 15) || ' days'), 0, {$person},
            date('2024-01-01', '+' || (i / 15) || ' days') || 'T06:50:00+00:00' from n",
    );
    $db->exec(
        "{$numbers(
            intdiv($many, 2),
        )} insert into delivery_lines (id, delivery_id, place, species_id, state, count, invoiced_mg,
            price_minor, lot) select {$id(
            'N',
            'i',
        )}, {$id(
            'D',
            'i / 2',
        )}, 1 + i % 2, (select id from kinds where k = i % {$kinds}), 'gutted', 2, 4000000, '980', 'L-' || i from n",
    );
    $db->exec(
        "{$numbers(
            $many,
        )} insert into fish (id, number, species_id, supplier_id, state, stage, price_per_kg_minor,
            labour_minutes, broken_down, received_by, received_at, line_id, keeps_until, verdict) select {$id(
            'F',
            'i',
        )}, 1000 + i, (select id from kinds where k = (i / 2) % {$kinds}), (select id
            from sellers where k = (i / 4) % {$sellers}), 'gutted',
            case when i >= {$many} - 60 then 'breakdown' else 'log' end, 980, '12', i < {$many} - 60,
            {$person}, {$day} || 'T06:55:00+00:00', {$id(
            'N',
            'i / 2',
        )}, date('now', '+' || (i % 9) || ' days') || 'T06:00:00+00:00', 'accept' from n",
    );
    foreach (['whole' => 2000, 'head' => 320, 'frame' => 260, 'side-a' => 700, 'side-b' => 705] as $part => $grams) {
        $place = array_search($part, ['whole', 'head', 'frame', 'side-a', 'side-b'], true);
        $parent = $part === 'whole' ? 'null' : $id('P', 'i * 10');
        $to = $part === 'whole' ? $many : $many - 60;
        $db->exec(
            "{$numbers($to)} insert into pieces (id, fish_id, parent_id, part, name, place) select {$id(
                'P',
                "i * 10 + {$place}",
            )}, {$id('F', 'i')}, {$parent}, '{$part}', '{$part}', {$place} from n",
        );
        $db->exec(
            "{$numbers(
                $to,
            )} insert into readings (seq, id, piece_id, mass_mg, tare_mg, resolution_mg, source, taken_by, taken_at)
            select 1000000 + 10 * i + {$place}, {$id(
                'R',
                "i * 10 + {$place}",
            )}, {$id(
                'P',
                "i * 10 + {$place}",
            )}, ({$grams} + i % 40) * 1000, 0, 5000, 'pan', {$person}, {$day} || 'T07:30:00.000+00:00' from n",
        );
    }
    // Fifty thousand portions kept for service, all but the last two hundred trays served; a million temperatures, one
    // a minute of each place up to now.
    $db->exec('create temp table plates as select row_number() over (order by name) - 1 as k, id from dishes');
    $plates = (int) $db->query('select count(*) from plates')->fetchColumn();
    $lots = intdiv($many, 5);
    $kept = "date('now', '-' || (({$lots} - 1 - i) / 60) || ' days')";
    $db->exec(
        "{$numbers($lots)} insert into kept_lots (id, dish_id, count, until, why_then, cut_on, put_by, put_at) ".
            "select {$id(
                'K',
                'i',
            )}, (select id from plates where k = i % {$plates}), 5, date({$kept}, '+1 day'), '', {$kept}, {$person},
            {$kept} || 'T09:00:00.000Z' from n",
    );
    $db->exec(
        "{$numbers($lots - 200)} insert into kept_leavings (act, lot_id, how, count, left_by, left_at) select {$id(
            'A',
            'i',
        )}, {$id('K', 'i')}, 'served', 5, {$person}, {$kept} || 'T19:00:00.000Z' from n",
    );
    $db->exec(
        "{$numbers(250_000)} insert or ignore into temperatures (place_id, probe, at_s, tenths, source)
            select places.id, 'air', unixepoch('now') - 60 * i, 25 + i % 17, 'logger' from n, places
            where places.kind != 'kitchen'",
    );
    $db->exec('commit');
    $db->exec('analyze');
    // Entered as an upgrade would: minutes, once.
    $run(['php', 'artisan', 'sectum:enter-log']);
}

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
    $root,
    $env,
);
register_shutdown_function(function () use ($server): void {
    $pid = proc_get_status($server)['pid'];
    foreach (explode("\n", trim((string) shell_exec("pgrep -P {$pid}"))) as $child) {
        $child === '' || posix_kill((int) $child, SIGTERM);
    }
    proc_terminate($server);
});
$cookies = new CookieJar();
$client = new Client(['base_uri' => "http://127.0.0.1:{$port}", 'cookies' => $cookies, 'timeout' => 20]);
for ($try = 0; $try < 60; $try++) {
    try {
        $client->get('/up');
        break;
    } catch (Throwable) {
        usleep(100_000);
    }
}
$send = function (string $verb, string $path, ?array $body = null) use ($client, $cookies): array {
    $token = $cookies->getCookieByName('XSRF-TOKEN')?->getValue();
    $answer = $client->request(
        $verb,
        "/api{$path}",
        ['headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => urldecode((string) $token)]] +
            ($body === null ? [] : ['json' => $body]),
    );

    return (array) json_decode((string) $answer->getBody(), true);
};
$kitchen = $send('GET', '/kitchen');
$send('POST', '/session', ['person' => $kitchen['people'][0]['id'], 'pin' => $kitchen['people'][0]['demo_pin']]);
$time = function (callable $once): array {
    $times = [];
    for ($i = 0; $i < 40; $i++) {
        $start = hrtime(true);
        $once();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return [$times[20], $times[37]];
};
$rows = ['bare framework route' => $time(fn () => $client->get('/up'))];
foreach (
    [
        'cold room, in its order' => '/receive/cold-room',
        'spine' => '/spine',
        'what can be received' => '/receive',
        'deliveries' => '/receive/deliveries',
        'deliveries, searched' => '/receive/deliveries?q=harbour',
        'deliveries, a lot' => '/receive/deliveries?q=L-777',
        'to be broken down' => '/breakdown',
        'to be portioned' => '/portion',
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
        'log, one kind, most below' => '/log?q=zander&sort=below',
        'log, a supplier in a month' => '/log?q=from+harbourgate+in+March+2025',
        'log, by supplier' => '/log/by/supplier?q=hake',
        'grams of a quarter' => '/log/walk?from=2025-01-01&until=2025-03-31',
        'fish we know' => '/fish',
        'recall of a lot' => '/log/recall?q=L-777',
        'now' => '/hold/now',
        'kept for service' => '/hold/kept',
        'cold places' => '/hold/places',
        'freezing runs' => '/hold/freezing',
        'treatments' => '/hold/treatments',
        'thaw and pack' => '/hold/thaws',
        'checks of a day' => '/hold/checks',
    ] as $name => $path
) {
    if (str_contains($name, $argv[2] ?? '')) {
        $rows[$name] = $time(fn () => $send('GET', $path));
    }
}
printf("%d fish\n%-28s %10s %10s %8s\n", $many, '', 'median ms', 'p95 ms', 'ratio');
foreach ($rows as $name => [$median, $p95]) {
    printf("%-28s %10.1f %10.1f %8.1f\n", $name, $median, $p95, $median / $rows['bare framework route'][0]);
}
