<?php

declare(strict_types=1);

namespace Database\Seed;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Brings what an earlier version wrote down into the one spelling of ids and times. */
final readonly class Written
{
    private const ID =
        "'[0-7]".
        '[0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z]'.
        '[0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z]'.
        '[0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z]'.
        '[0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z][0-9A-Za-z]'.
        "[0-9A-Za-z]'";

    private const NO_IDS = [
        'migrations',
        'settings',
        'bins',
        'tares',
        'parts',
        'methods',
        'method_steps',
        'method_choices',
    ];

    /** Lists and maps that name ids. */
    private const WITHIN = ['inspections' => ['fish'], 'boards' => ['kinds'], 'invoice_maps' => ['map']];

    /** Every id in capitals, wherever it stands. */
    public static function foldIds(): void
    {
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            foreach (in_array($table, self::NO_IDS, true) ? [] : Schema::getColumns($table) as $column) {
                $name = $column['name'];
                if ($column['type_name'] === 'varchar' && preg_match('/^id$|_id$|_by$|^act$/', $name) === 1) {
                    DB::statement(
                        "update {$table} set \"{$name}\" = upper(\"{$name}\") where \"{$name}\" glob ".
                            self::ID.
                            " and \"{$name}\" <> upper(\"{$name}\")",
                    );
                }
            }
        }
        foreach (self::WITHIN as $table => $columns) {
            foreach ($columns as $column) {
                foreach (DB::table($table)->pluck($column, 'rowid') as $row => $json) {
                    $folded = preg_replace_callback(
                        '/"([0-7][0-9A-HJKMNP-TV-Za-hjkmnp-tv-z]{25})"/',
                        fn (array $id): string => strtoupper($id[0]),
                        strval($json),
                    );
                    $folded === $json ||
                        DB::table($table)
                            ->where('rowid', $row)
                            ->update([$column => $folded]);
                }
            }
        }
    }

    /** Every moment in universal time, so that one can be put in order by its text. */
    public static function inUtc(): void
    {
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            foreach (Schema::getColumns($table) as $column) {
                $name = $column['name'];
                if (preg_match('/_at$|_until$/', $name) === 1 && $column['type_name'] === 'varchar') {
                    DB::statement("update {$table} set \"{$name}\" = strftime(case when \"{$name}\" like '%.%'
                        then '%Y-%m-%dT%H:%M:%fZ' else '%Y-%m-%dT%H:%M:%SZ' end, \"{$name}\")
                        where \"{$name}\" glob '????-??-??T??:??:*' and \"{$name}\" not like '%Z'");
                }
            }
        }
    }
}
