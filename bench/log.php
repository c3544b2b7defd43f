<?php

declare(strict_types=1);

// The morning queue and every list over a log of many fish, beside a bare route of the same framework in the same
// run.
// php bench/log.php [fish] [part of a row's name]. Makes its own database in bench/.out
// and serves it on the loopback; 40 requests a row.

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/served.php';

$many = (int) ($argv[1] ?? 50_000);
$file = __DIR__."/.out/log-{$many}.sqlite";
$port = 8452;
if (! is_file($file)) {
    demoKitchen($file);
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
    artisan($file, 'sectum:enter-log');
}

$send = served($file, $port);
printf("%d fish\n", $many);
$lists = LISTS + [
    'deliveries, a lot' => '/receive/deliveries?q=L-777',
    'log, one kind, most below' => '/log?q=zander&sort=below',
    'recall of a lot' => '/log/recall?q=L-777',
];
table($send, $lists, $argv[2] ?? '');
