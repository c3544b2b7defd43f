<?php

declare(strict_types=1);

namespace App\Log\House;

use App\Kitchen\Database\Row;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Every table of the house but what is nobody's business: PINs, sessions, addresses that open a door. */
final readonly class HouseTables
{
    private const SECRET = [
        'migrations',
        'sessions',
        'sign_ins',
        'pin_tries',
        'calendar_feeds',
        'jobs',
        'computations',
        'sent',
        'backups',
        'logged_fish',
        'logged_groups',
        'bins_left',
        'cost_summaries',
        'log_stale',
        'log_skipped',
        'table_mark',
        'marked_sides',
        'sqlite_sequence',
    ];

    private const SECRET_COLUMNS = ['pin_hash', 'remember_token'];

    private const AT_ONCE = 2000;

    /** @return array<string, int> rows by table */
    public static function all(): array
    {
        $tables = [];
        foreach (DB::select("select name from sqlite_master where type = 'table' order by name") as $one) {
            $name = Row::maybe($one)?->text('name') ?? '';
            if ($name !== '' && ! in_array($name, self::SECRET, true)) {
                $tables[$name] = self::table($name)->count();
            }
        }

        return $tables;
    }

    /** @return list<array{name: string, type: string, nullable: bool}> columns that are handed over */
    public static function columns(string $table): array
    {
        $columns = [];
        foreach (DB::select('select name, type, "notnull" as must from pragma_table_info(?)', [$table]) as $one) {
            $row = Row::maybe($one);
            $name = $row?->text('name') ?? '';
            // A printed page is a file, and no row of a table.
            if ($row !== null && ! in_array($name, self::SECRET_COLUMNS, true) && $row->text('type') !== 'blob') {
                $columns[] = ['name' => $name, 'type' => $row->text('type'), 'nullable' => $row->text('must') !== '1'];
            }
        }

        return $columns;
    }

    /**
     * Rows in the order they were written, some at a time.
     *
     * @return Generator<list<array<string, string|int|float|null>>>
     */
    public static function rows(string $table): Generator
    {
        $columns = array_column(self::columns($table), 'name');
        $keyed = ! str_contains(self::madeBy($table), 'without rowid');
        $last = -1;
        do {
            $found = self::table($table)
                ->selectRaw('rowid as row_number, "'.implode('", "', $columns).'"')
                ->when($keyed, fn ($rows) => $rows->where('rowid', '>', $last)->orderBy('rowid'))
                ->limit(self::AT_ONCE)
                ->get();
            $rows = [];
            foreach (Row::all($found) as $row) {
                $last = (int) $row->number('row_number');
                $rows[] = $row->cells($columns);
            }
            yield $rows;
        } while (count($rows) === self::AT_ONCE);
    }

    /** Any table by its name: what is handed over knows no models. */
    private static function table(string $name): Builder
    {
        return DB::table($name);
    }

    private static function madeBy(string $table): string
    {
        $sql = self::table('sqlite_master')->where('name', $table)->value('sql');

        return is_string($sql) ? strtolower($sql) : '';
    }
}
