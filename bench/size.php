<?php

declare(strict_types=1);

// Five years of a busy house, every list and bench over them, beside a bare route of the same framework in the same
// run. The made-up kitchen's own two months are copied back through the years, whole trees with all their readings,
// bins and batches; then temperatures, one in five minutes for each place.
// php bench/size.php [fish] [part of a row's name]. Makes its own database in bench/.out; 40 requests a row.

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/served.php';

$many = (int) ($argv[1] ?? 60_000);
$file = __DIR__."/.out/size-{$many}.sqlite";
const DAYS = 1_825;

/** What belongs to fish that are through, by table; each may name the copied rows of those above it. */
const OF_CLOSED_FISH = [
    'fish' => "stage = 'log'",
    'delivery_lines' => 'id in (select line_id from mine.fish)',
    'deliveries' => 'id in (select delivery_id from mine.delivery_lines)',
    'inspections' => 'line_id in (select id from mine.delivery_lines)',
    'batches' => 'id in (select batch_id from pieces join mine.fish on fish.id = fish_id)',
    'pieces' => 'fish_id in (select id from mine.fish)',
    'readings' => 'piece_id in (select id from mine.pieces)',
    'reading_voids' => 'reading_id in (select id from mine.readings)',
    'cuts' => 'reading_id in (select id from mine.readings)',
    'boards' => 'fish_id in (select id from mine.fish)',
    'bone_checks' => 'fish_id in (select id from mine.fish)',
    'times_out' => 'fish_id in (select id from mine.fish)',
    'yield_records' => 'fish_id in (select id from mine.fish)',
    'logged_fish' => 'fish_id in (select id from mine.fish)',
    // A house empties its bins: what still lies in one is not copied.
    'bin_deposits' => 'fish_id in (select id from mine.fish) and mass_mg = (select sum(mass_mg)
        from bin_withdrawals where deposit_id = bin_deposits.id)',
    'bin_withdrawals' => 'deposit_id in (select id from mine.bin_deposits)',
    'makings' => 'id in (select making_id from mine.bin_withdrawals)',
    'cooling_readings' => 'making_id in (select id from mine.makings)',
    'activity_log' => 'subject_id in (select id from mine.fish)',
    'sent' => '1',
];

/** How a column of a copy is told from the first: another id, another day, another number, or the same. */
function copied(PDO $db, string $table, string $column, bool $counted): ?string
{
    if ($counted) {
        return null;
    }
    $values = $db->query("select distinct {$column} from mine.{$table} where {$column} is not null limit 400");
    $values = array_map(strval(...), (array) $values?->fetchAll(PDO::FETCH_COLUMN));
    $all = fn (string $pattern): bool => $values !== [] && preg_grep($pattern, $values, PREG_GREP_INVERT) === [];

    return match (true) {
        $column === 'seq' => 'seq + 1000000 * (n + 1)',
        $all('/^\d{4}-\d\d-\d\d(T|$)/') => "date(substr({$column}, 1, 10), '-' || (n * ".DAYS.
            " / copies / 7 * 7 + 7) || ' days') || substr({$column}, 11)",
        $all('/^01[0-9A-Z]{24}$/') => "case when {$column} in (select id from mine.ids)
            then substr({$column}, 1, 10) || printf('%05d', n) || substr({$column}, 16) else {$column} end",
        $column === 'number' && $all('/^\d+$/') => "{$column} + 1000 * (n + 1)",
        $column === 'number' => "{$column} || '-' || n",
        default => $column,
    };
}

if (! is_file($file)) {
    demoKitchen("{$file}.begun");
    $db = new PDO("sqlite:{$file}.begun");
    $db->exec('pragma journal_mode = memory; pragma synchronous = off; pragma temp_store = memory');
    $db->exec("attach ':memory:' as mine; begin");
    foreach (OF_CLOSED_FISH as $table => $which) {
        $db->exec("create table mine.{$table} as select * from {$table} where {$which}");
    }
    $db->exec('create table mine.ids (id primary key) without rowid');
    foreach (OF_CLOSED_FISH as $table => $_) {
        $columns = $db->query("pragma table_info({$table})")->fetchAll(PDO::FETCH_ASSOC);
        $columns = array_intersect(array_column($columns, 'name'), ['id', 'act']);
        foreach ($columns as $column) {
            $db->exec("insert or ignore into mine.ids select {$column} from mine.{$table}
                where typeof({$column}) = 'text'");
        }
    }
    $closed = (int) $db->query('select count(*) from mine.fish')->fetchColumn();
    $copies = intdiv($many, $closed);
    // What marks a fish for the log would mark all that come with their row of it.
    $marks = $db->query("select name, sql from sqlite_master where type = 'trigger' and sql like '%log_stale%'
        or sql like '%delete from cost_summaries%'")
        ->fetchAll(PDO::FETCH_KEY_PAIR);
    foreach (array_keys($marks) as $mark) {
        $db->exec("drop trigger {$mark}");
    }
    $db->exec("create table mine.times as with recursive t(n) as (select 0 union all select n + 1 from t
        where n + 1 < {$copies}) select n, {$copies} as copies from t");
    foreach (array_keys(OF_CLOSED_FISH) as $table) {
        $terms = [];
        foreach ($db->query("pragma table_info({$table})")->fetchAll(PDO::FETCH_ASSOC) as $of) {
            $counted = $of['pk'] === 1 && $of['type'] === 'INTEGER' && $table !== 'readings';
            $terms[$of['name']] = copied($db, $table, $of['name'], $counted);
        }
        $terms = array_filter($terms, is_string(...));
        $start = hrtime(true);
        $db->exec("insert into {$table} (".implode(', ', array_keys($terms)).') select '.implode(', ', $terms).
            " from mine.times, mine.{$table} order by n desc");
        $rows = $db->query("select count(*) from {$table}")->fetchColumn();
        fprintf(STDERR, "%-18s %9d rows %6.1f s\n", $table, $rows, (hrtime(true) - $start) / 1e9);
    }
    $db->exec(
        'with recursive n(i) as (select 0 union all select i + 1 from n where i + 1 < '.DAYS." * 288)
            insert or ignore into temperatures (place_id, probe, at_s, tenths, source)
            select places.id, 'air', unixepoch('now', '-60 days') - 300 * i, 25 + i % 17, 'logger' from n, places
            where places.kind != 'kitchen'",
    );
    array_map($db->exec(...), array_values($marks));
    $db->exec('commit; detach mine; analyze');
    unset($db);
    rename("{$file}.begun", $file);
}

artisan($file, 'migrate', '--force', '--quiet');
$db = new PDO("sqlite:{$file}");
foreach (['readings', 'fish', 'pieces', 'temperatures'] as $table) {
    printf("%9d %s\n", $db->query("select count(*) from {$table}")->fetchColumn(), $table);
}
printf("%9.0f MB on the disk\n\n", filesize($file) / 1e6);
$send = served($file, 8454);
table($send, LISTS, $argv[2] ?? '');
