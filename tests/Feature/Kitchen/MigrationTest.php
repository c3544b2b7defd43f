<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use Illuminate\Support\Str;
use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * A database written by an earlier version: ids in small letters, moments in several zones, no order but the clock's.
 */
final class MigrationTest extends TestCase
{
    public function test_what_an_earlier_version_wrote_is_brought_into_one_spelling_and_nothing_is_lost(): void
    {
        $file = sys_get_temp_dir().'/sectum-old-'.Str::random(8).'.sqlite';
        touch($file);
        $root = dirname(__DIR__, 3);
        $artisan = function (string ...$words) use ($file, $root): void {
            (new Process(['php', 'artisan', ...$words], $root, [
                'DB_DATABASE' => $file,
                'APP_ENV' => 'testing',
            ]))->mustRun();
        };
        $folder = sys_get_temp_dir().'/sectum-steps-'.Str::random(8);
        mkdir($folder);
        foreach (glob("{$root}/database/migrations/*_00000[1-6]_*.php") ?: [] as $step) {
            copy($step, $folder.'/'.basename($step));
        }
        $artisan('migrate', '--force', '--realpath', "--path={$folder}");
        $old = new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $id = fn (int $n): string => sprintf('01jdzzzzzzzzzzzzzzzzzzz%03d', $n);
        $old->exec(
            "insert into people (id, name, role, units, pin_hash) values ('{$id(
                1,
            )}', 'Ada', 'head chef', 'metric', 'x')",
        );
        $old->exec(
            "insert into species (id, name, form, fat, source) values ('{$id(2)}', 'Hake', 'round', 'lean', 'test')",
        );
        $old->exec("insert into suppliers (id, name) values ('{$id(3)}', 'S')");
        $old->exec(
            'insert into fish (id, number, species_id, supplier_id, state, stage, received_by, received_at, '.
                'keeps_until) '.
                "values ('{$id(4)}', 1, '{$id(2)}', '{$id(3)}', 'gutted', 'breakdown', '{$id(1)}', ".
                "'2026-10-25T02:30:00+02:00', '2026-10-29T12:00:00+01:00')",
        );
        $old->exec(
            "insert into pieces (id, fish_id, part, name, place) values ('{$id(5)}', '{$id(
                4,
            )}', 'whole', 'Whole fish', 0)",
        );
        foreach (
            [
                ['2026-10-25T02:50:00.000+02:00', 4000],
                ['2026-10-25T02:10:00.000+01:00', 4100],
                ['2026-10-25T01:20:00.000+00:00', 4200],
            ] as $i => [$at, $mass]
        ) {
            $old->exec(
                'insert into readings (id, piece_id, mass_mg, tare_mg, resolution_mg, source, taken_by, taken_at) '.
                    "values ('{$id(10 + $i)}', '{$id(5)}', {$mass}, 0, 5000, 'typed', '{$id(1)}', '{$at}')",
            );
        }
        $old->exec(
            "insert into reading_voids (reading_id, reason, voided_by, voided_at) values ('{$id(10)}', 'again', '{$id(
                1,
            )}', '2026-10-25T02:10:00.000+01:00')",
        );
        $old->exec(
            "insert into delivery_lines (id, delivery_id, place, species_id, state) select '{$id(6)}', '{$id(
                7,
            )}', 1, '{$id(2)}', 'gutted' where 0",
        );
        $old->exec(
            "insert into invoice_maps (supplier_id, map) values ('{$id(3)}', '{\"names\":{\"HAKE\":\"{$id(2)}\"}}')",
        );
        $old = null;
        $artisan('migrate', '--force');
        $new = new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $all = fn (string $query): array => $new->query($query)->fetchAll(PDO::FETCH_NUM);
        $big = fn (int $n): string => strtoupper($id($n));
        self::assertSame(
            [
                [$big(10), 4000, 1, '2026-10-25T00:50:00.000Z'],
                [$big(11), 4100, 2, '2026-10-25T01:10:00.000Z'],
                [$big(12), 4200, 3, '2026-10-25T01:20:00.000Z'],
            ],
            $all('select id, mass_mg, seq, taken_at from readings order by seq'),
        );
        self::assertSame(
            [[$big(4), $big(2), $big(3), $big(1), '2026-10-25T00:30:00Z', '2026-10-29T11:00:00Z']],
            $all('select id, species_id, supplier_id, received_by, received_at, keeps_until from fish'),
        );
        self::assertSame(
            [[$big(10), $big(1), 2]],
            $all('select reading_id, voided_by, after_seq from reading_voids'),
        );
        self::assertSame([['{"names":{"HAKE":"'.$big(2).'"}}']], $all('select map from invoice_maps'));
        self::assertSame([], $all('pragma foreign_key_check'));
        try {
            $new->exec(
                'insert or replace into readings select id, piece_id, 1, tare_mg, resolution_mg, source, typed, '.
                    'taken_by, taken_at, seq, units, sent_at from readings',
            );
            self::fail('a reading was replaced');
        } catch (\PDOException $e) {
            self::assertStringContainsString('only ever added to', $e->getMessage());
        }
        array_map(unlink(...), [...glob("{$file}*") ?: [], ...glob("{$folder}/*") ?: []]);
        rmdir($folder);
    }
}
