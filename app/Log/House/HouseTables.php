<?php

declare(strict_types=1);

namespace App\Log\House;

use App\Kitchen\Database\Row;
use Generator;
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
                $tables[$name] = DB::table($name)->count();
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

    /** @return Generator<list<array<string, string|int|float|null>>> rows in the order they were written, some at a time */
    public static function rows(string $table): Generator
    {
        $columns = array_column(self::columns($table), 'name');
        $keyed = ! str_contains(self::madeBy($table), 'without rowid');
        $last = -1;
        do {
            $found = DB::table($table)
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

    private static function madeBy(string $table): string
    {
        $sql = DB::table('sqlite_master')->where('name', $table)->value('sql');

        return is_string($sql) ? strtolower($sql) : '';
    }
}
