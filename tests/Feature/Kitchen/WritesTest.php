<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is written down stays as it was written, under one id, in the order in which it came. */
final class WritesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /** @return array<string, array{string}> */
    public static function kept(): array
    {
        $tables = [
            'readings',
            'reading_voids',
            'bone_checks',
            'finds',
            'step_times',
            'cuts',
            'shape_resets',
            'printed',
            'bin_deposits',
            'bin_withdrawals',
            'cooling_readings',
            'supplier_prices',
        ];

        return array_combine($tables, array_map(fn (string $table): array => [$table], $tables));
    }

    #[DataProvider('kept')]
    public function test_no_statement_of_any_kind_changes_what_is_kept(string $table): void
    {
        DB::statement('pragma ignore_check_constraints = on');
        DB::statement('pragma defer_foreign_keys = on');
        $columns = collect(Schema::getColumns($table))->keyBy('name');
        $key = strval(collect(Schema::getIndexes($table))->firstWhere('primary', true)['columns'][0] ?? 'id');
        $row = $columns
            ->map(
                fn (array $column): int|string => in_array($column['type_name'], ['varchar', 'text', 'blob'], true)
                    ? self::id()
                    : 7,
            )
            ->all();
        if ($table === 'bin_withdrawals') {
            // A withdrawal takes no more than its deposit holds.
            $deposit = collect(Schema::getColumns('bin_deposits'))
                ->mapWithKeys(
                    fn (array $column): array => [
                        $column['name'] => in_array($column['type_name'], ['varchar', 'text'], true)
                            ? self::id()
                            : 1000,
                    ],
                )
                ->all();
            DB::table('bin_deposits')->insert($deposit);
            $row['deposit_id'] = $deposit['id'];
        }
        DB::table($table)->insert($row);
        $before = DB::table($table)->get()->all();
        $names = implode(', ', array_map(fn (string $name): string => "\"{$name}\"", array_keys($row)));
        $other = array_map(
            fn (int|string $value): string => is_int($value) ? '6' : DB::connection()->getPdo()->quote($value),
            $row,
        );
        $other[$key] = is_int($row[$key]) ? '7' : DB::connection()->getPdo()->quote($row[$key]);
        $values = implode(', ', $other);
        $number = DB::table($table)->value('rowid');
        $elsewhere = implode(', ', [
            ...$other,
            $key => $columns[$key]['type_name'] === 'integer' ? '99' : "'".self::id()."'",
        ]);
        $some = array_key_last($row);
        $statements = [
            "update {$table} set {$some} = 6",
            "update or replace {$table} set {$some} = 6",
            "update or ignore {$table} set {$some} = 6",
            "delete from {$table}",
            "delete from {$table} where rowid = {$number}",
            "insert or replace into {$table} ({$names}) values ({$values})",
            "replace into {$table} ({$names}) values ({$values})",
            "insert into {$table} ({$names}) values ({$values}) on conflict do update set {$some} = 6",
            ...$columns[$key]['type_name'] === 'integer'
                ? []
                : ["insert or replace into {$table} (rowid, {$names}) values ({$number}, {$elsewhere})"],
            ...$table === 'readings'
                ? [
                    "insert or replace into readings ({$names}) values (".
                    implode(', ', [...$other, 'id' => "'".self::id()."'", 'seq' => '7']).
                    ')',
                ]
                : [],
        ];
        foreach ($statements as $statement) {
            try {
                DB::statement('savepoint one');
                DB::statement($statement);
                self::fail("{$statement} was carried out");
            } catch (QueryException $e) {
                self::assertStringContainsString('only ever added to', $e->getMessage(), $statement);
            } finally {
                DB::statement('rollback to one');
            }
            self::assertEquals($before, DB::table($table)->get()->all(), $statement);
        }
        self::assertSame(1, DB::table($table)->count());
    }

    public function test_an_id_has_one_spelling(): void
    {
        $fish = self::id();
        $body = [
            'reading' => self::id(),
            'species' => strtolower($this->species('Hake')),
            'supplier' => 'S',
            'state' => 'gutted',
            'weight' => ['typed' => '4210 g'],
        ];
        $this->api('PUT', '/receive/fish/'.strtolower($fish), $body)
            ->assertOk()
            ->assertJsonPath('id', $fish);
        $this->api('PUT', "/receive/fish/{$fish}", $body)->assertOk();
        $head = self::id();
        $this->weigh($fish, 'head', '650 g', reading: $head)->assertOk();
        $this->weigh(strtolower($fish), 'head', '650 g', reading: strtolower($head))->assertOk();
        $this->api('PUT', "/breakdown/fish/{$fish}/readings/".strtolower(self::id()), [
            'part' => 'head',
            'replaces' => strtolower($head),
            'weight' => ['typed' => '655 g'],
        ])->assertOk();
        self::assertSame(
            [1, 2, 3],
            [DB::table('fish')->count(), DB::table('pieces')->count(), DB::table('readings')->count()],
        );
        self::assertSame(
            [],
            DB::table('readings')->pluck('id')->reject(fn ($id): bool => $id === strtoupper(strval($id)))->all(),
        );
    }

    /** @return array<string, array{string, string}> */
    public static function clocks(): array
    {
        return [
            'set back an hour' => ['2026-11-26T12:00:00+00:00', '2026-11-26T11:00:00+00:00'],
            'in the hour that comes twice in autumn' => ['2026-10-25T02:50:00+02:00', '2026-10-25T02:10:00+01:00'],
            'a zone further west' => ['2026-11-26T12:00:00+09:00', '2026-11-26T04:30:00+01:00'],
            'a year back, its battery dead' => ['2026-11-26T12:00:00+00:00', '2025-01-01T00:00:00+00:00'],
        ];
    }

    #[DataProvider('clocks')]
    public function test_the_weight_taken_last_counts_whatever_the_clock_says(string $first, string $then): void
    {
        Carbon::setTestNow(Carbon::parse($first));
        $fish = $this->received();
        $head = self::id();
        $this->weigh($fish, 'head', '650 g', reading: $head)->assertOk();
        Carbon::setTestNow(Carbon::parse($then));
        $again = ['part' => 'head', 'replaces' => $head, 'weight' => ['typed' => '700 g']];
        $bench = $this->api('PUT', "/breakdown/fish/{$fish}/readings/".self::id(), $again)->assertOk();
        self::assertSame(
            '700 g',
            data_get(collect((array) $bench->json('pieces'))->firstWhere('part', 'head'), 'mass.text'),
        );
        self::assertSame(
            ['700 g', '650 g'],
            array_slice((array) $bench->json('readings.*.mass.text'), 0, 2),
            'last taken first',
        );
        foreach (DB::table('readings')->pluck('taken_at') as $at) {
            self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/', strval($at));
        }
        Carbon::setTestNow();
    }

    public function test_a_taken_id_with_other_content_is_a_conflict_and_changes_nothing(): void
    {
        $fish = $this->received();
        $side = self::id();
        $this->weigh($fish, 'side-a', '1515 g', reading: $side)->assertOk();
        $piece = DB::table('readings')->where('id', $side)->value('piece_id');
        [$check, $find] = [self::id(), self::id()];
        $asked = [
            "/breakdown/fish/{$fish}/bones/{$check}" => [
                ['piece' => $piece, 'found' => 3],
                ['piece' => $piece, 'found' => 4],
            ],
            "/breakdown/fish/{$fish}/finds/{$find}" => [
                ['kind' => 'worms', 'note' => 'one'],
                ['kind' => 'worms', 'note' => 'two'],
            ],
            '/cost/prices/'.self::id() => [
                ['file' => base64_encode("fish,price\nHake,9.10\n"), 'supplier' => 'S'],
                ['file' => base64_encode("fish,price\nHake,9.20\n"), 'supplier' => 'S'],
            ],
        ];
        foreach ($asked as $path => [$first, $other]) {
            $this->api('PUT', $path, $first)->assertOk();
            $this->api('PUT', $path, $first)->assertOk();
            $changes = DB::scalar('select total_changes()');
            $this->api('PUT', $path, $other)->assertConflict();
            self::assertSame($changes, DB::scalar('select total_changes()'), $path);
        }
        // A reading's id on another fish, and as the first weight of a new one.
        $second = $this->received();
        $this->weigh($second, 'side-a', '1515 g', reading: $side)->assertConflict();
        $this->api('PUT', '/receive/fish/'.self::id(), [
            'reading' => $side,
            'species' => $this->species('Hake'),
            'supplier' => 'S',
            'state' => 'gutted',
            'weight' => ['typed' => '1515 g'],
        ])->assertConflict();
        self::assertSame(2, DB::table('fish')->count());
    }

    public function test_a_disk_that_may_only_be_read_is_said_and_read_on(): void
    {
        $fish = $this->received();
        DB::statement('pragma query_only = on');
        try {
            $refused = $this->weigh($fish, 'head', '650 g')->assertStatus(503);
            self::assertStringContainsString('cannot write to its disk', strval($refused->json('detail')));
            $this->api('GET', "/breakdown/fish/{$fish}")->assertOk();
            $this->api('GET', '/receive/cold-room')->assertOk();
        } finally {
            DB::statement('pragma query_only = off');
        }
        $this->weigh($fish, 'head', '650 g')->assertOk();
    }
}
