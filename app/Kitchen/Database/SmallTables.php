<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use ErrorException;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/**
 * Tables that are read with every request and written a few times a month: the catalogue, the house's rules, its trays.
 *
 * A process that answers requests keeps all of them in one file of the disk, which PHP holds in memory for every
 * request. The file is named by a mark in the database that a trigger changes with every write to one of them, in the
 * same transaction: who sees a write sees its mark, and no file is ever out of date. What runs otherwise asks the
 * database for what it needs.
 */
final readonly class SmallTables
{
    /** By which column the rows of each are found. */
    private const FOUND_BY = [
        'settings' => 'key',
        'tares' => 'name',
        'species' => 'id',
        'species_shares' => 'species_id',
        'species_yields' => 'species_id',
        'methods' => 'method',
        'method_steps' => 'method',
        'method_choices' => 'method',
        'method_rules' => 'kind',
        'parts' => 'part',
        'bins' => 'bin',
    ];

    /** Asked besides in a question that is asked anyway: see told(). The number is of the tables' own shape. */
    public const MARK = "(select mark || '-' || schema_version from table_mark, pragma_schema_version) as table_mark";

    private const IS_MARK = '/^[0-9a-f]{16}-\d+$/D';

    private const AGE_S = 60;

    /** @param  string|null  $folder  where a process keeps them; null for one that keeps none */
    public function __construct(private ?string $folder)
    {
    }

    /**
     * The rows of a table, in the order in which they were first written, by what they are found by.
     *
     * @param  key-of<self::FOUND_BY>  $table
     * @return array<array-key, list<array<string, string|int|float|null>>>
     */
    public static function all(string $table): array
    {
        return self::kept()[$table] ??
            Remembered::of("all of {$table}", [$table], fn (): array => self::byKey($table, self::query($table)));
    }

    /**
     * Those of them that are found by one word.
     *
     * @param  key-of<self::FOUND_BY>  $table
     * @return list<array<string, string|int|float|null>>
     */
    public static function found(string $table, string $key): array
    {
        $all = self::kept()[$table] ?? Remembered::known("all of {$table}");
        if (is_array($all)) {
            /** @var array<array-key, list<array<string, string|int|float|null>>> $all as all() remembered it */
            return $all[$key] ?? [];
        }

        return Remembered::of("of {$table}: {$key}", [$table], fn (): array => self::byKey(
            $table,
            self::query($table)->where(self::FOUND_BY[$table], $key),
        )[$key] ?? []);
    }

    /**
     * The same as rows that are read by name and type.
     *
     * @param  key-of<self::FOUND_BY>  $table
     * @return list<Row>
     */
    public static function rows(string $table, string $key): array
    {
        return array_map(fn (array $row): Row => Row::of((object) $row), self::found($table, $key));
    }

    /** What the column MARK said in an answer that came just now: it need not be asked for again. */
    public static function told(mixed $mark): void
    {
        Remembered::put('table mark', array_keys(self::FOUND_BY), $mark);
    }

    /** @return array<string, array<array-key, list<array<string, string|int|float|null>>>>|null by table */
    private static function kept(): ?array
    {
        return Remembered::of('small tables', array_keys(self::FOUND_BY), app(self::class)->read(...));
    }

    /** @return array<string, array<array-key, list<array<string, string|int|float|null>>>>|null */
    private function read(): ?array
    {
        if ($this->folder === null) {
            return null;
        }
        $mark = Remembered::of('table mark', array_keys(self::FOUND_BY), self::mark(...));
        if (! is_string($mark) || preg_match(self::IS_MARK, $mark) !== 1) {
            return null;
        }
        $file = "{$this->folder}/{$mark}.php";
        if (! is_file($file) && ! $this->keep($file, $mark)) {
            return null;
        }
        // Another may take it away meanwhile, for one of a later mark.
        /** @var mixed $kept of a file this class wrote */
        $kept = @include $file;

        /** @var array<string, array<array-key, list<array<string, string|int|float|null>>>>|null as it was written */
        return is_array($kept) ? $kept : null;
    }

    /** Whether they could be written down as they are under this mark: not while this very request changes them. */
    private function keep(string $file, string $mark): bool
    {
        if (DB::transactionLevel() > 0) {
            return false;
        }
        $tables = [];
        foreach (array_keys(self::FOUND_BY) as $table) {
            $tables[$table] = self::byKey($table, self::query($table));
        }
        if (self::mark() !== $mark) {
            return false;
        }
        try {
            File::ensureDirectoryExists((string) $this->folder);
            $before = glob("{$this->folder}/*");
            foreach ($before === false ? [] : $before as $old) {
                // What PHP holds of it is given back with it.
                function_exists('opcache_invalidate') && @opcache_invalidate($old, true);
                @unlink($old);
            }
            $written = "{$file}.".getmypid();
            File::put($written, '<?php return '.var_export($tables, true).";\n");
            // PHP trusts no file that is younger than two seconds; this one is whole before it has its name.
            touch($written, time() - self::AGE_S);
            File::move($written, $file);
        } catch (ErrorException) {
            // Where nothing can be written, they are asked for as before.
            return false;
        }

        return true;
    }

    private static function mark(): mixed
    {
        return Row::maybe(DB::selectOne('select '.self::MARK))?->text('table_mark');
    }

    /** @param  key-of<self::FOUND_BY>  $table */
    private static function query(string $table): Builder
    {
        return DB::query()->from($table)->orderBy('rowid');
    }

    /**
     * @param  key-of<self::FOUND_BY>  $table
     * @return array<array-key, list<array<string, string|int|float|null>>>
     */
    private static function byKey(string $table, Builder $rows): array
    {
        $found = [];
        foreach ($rows->get() as $row) {
            $cells = Row::of($row)->cells(array_map(strval(...), array_keys(get_object_vars($row))));
            $found[(string) $cells[self::FOUND_BY[$table]]][] = $cells;
        }

        return $found;
    }
}
