<?php

declare(strict_types=1);

namespace App\Log\House;

use Symfony\Component\Finder\Finder;

/** What each column means, from the words that stand beside it in the code: there is no second list to fall behind. */
final readonly class Dictionary
{
    public const COLUMNS = ['table', 'column', 'type', 'may_be_empty', 'meaning'];

    /** What short names mean wherever they stand. */
    private const WORDS = [
        'name' => 'what it is called',
        'number' => "the house's running number",
        'source' => 'where the figure comes from',
        'state' => 'as purchased, or how it is kept',
        'how' => 'in which way',
        'why' => 'the reason of it',
        'why_then' => 'why that is the last day',
        'reason' => 'why, as it was typed',
        'note' => 'as it was typed',
        'kind' => 'which of its kind',
        'count' => 'how many',
        'day' => 'ISO 8601 day',
        'place' => 'order in which it stands',
        'lot' => 'as the supplier calls it',
        'gtin' => 'trade item number of the label',
        'seq' => 'order in which it was written',
        'rung' => 'yield step',
        'step' => 'step of the method, or of what is done',
        'minutes' => 'how long it takes',
        'seconds' => 'how long it takes',
        'second_pass' => 'whether the second pass was done',
        'verdict' => 'what the inspection came to',
        'undoes' => 'the entry it takes back',
        'cause' => 'why it was spoilt; empty when it was not',
        'fat' => 'how fat it is',
        'roe' => 'whether roe is found in it',
        'supply' => 'how much there is to buy',
        'form' => 'body form',
        'family' => 'what becomes of it: portion, usable, stock or discard',
        'at_s' => 'seconds since 1970',
    ];

    /** @return list<array<string, string>> one a column of every table that is handed over */
    public static function rows(): array
    {
        $meanings = self::meanings();
        $rows = [];
        foreach (array_keys(HouseTables::all()) as $table) {
            foreach (HouseTables::columns($table) as $column) {
                $rows[] = array_combine(self::COLUMNS, [
                    $table,
                    $column['name'],
                    $column['type'],
                    $column['nullable'] ? 'yes' : 'no',
                    $meanings[$table][$column['name']] ?? self::usual($column['name']),
                ]);
            }
        }

        return $rows;
    }

    /** @return array<string, array<string, string>> meaning by table and column */
    private static function meanings(): array
    {
        $meanings = [];
        foreach ((new Finder())->in(app_path())->name('*.php')->files() as $file) {
            $code = (string) file_get_contents($file->getPathname());
            if (preg_match('/protected \$table = \'(\w+)\'/', $code, $table) === 1) {
                preg_match_all('/@property(?:-read)? (\S+(?: \S+)*?) \$(\w+) ?(.*)$/m', $code, $found, PREG_SET_ORDER);
                foreach ($found as [, , $column, $meaning]) {
                    $meanings[$table[1]][$column] = trim($meaning);
                }
            }
        }

        return array_map(fn (array $of): array => array_filter($of, fn (string $one): bool => $one !== ''), $meanings);
    }

    /** Names that mean the same in every table. */
    private static function usual(string $column): string
    {
        return match (true) {
            $column === 'id' => 'ULID',
            $column === 'version' => 'counts every change',
            str_ends_with($column, '_id') => 'id of the '.str_replace('_', ' ', substr($column, 0, -3)),
            str_ends_with($column, '_mg') => 'milligrams',
            str_ends_with($column, '_minor') => "minor units of the house's currency",
            str_ends_with($column, '_pct') => 'percent',
            str_ends_with($column, '_at') => 'ISO 8601, universal time',
            str_ends_with($column, '_on') => 'ISO 8601 day',
            str_ends_with($column, '_by') => 'id of a person',
            str_ends_with($column, '_mm') => 'millimetres',
            str_ends_with($column, '_tenths') => 'tenths of a degree Celsius',
            str_ends_with($column, '_g'), str_ends_with($column, '_cm') => 'in the unit its name ends with',
            isset(self::WORDS[$column]) => self::WORDS[$column],
            default => str_replace('_', ' ', $column),
        };
    }
}
