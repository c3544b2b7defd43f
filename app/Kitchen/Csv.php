<?php

declare(strict_types=1);

namespace App\Kitchen;

use RuntimeException;

/** A table to hand over: RFC 4180, with what a spreadsheet would take for a formula made harmless. */
final readonly class Csv
{
    /**
     * @param  list<string>  $columns
     * @param  iterable<array<array-key, string|int|float|null>>  $rows
     */
    public static function of(array $columns, iterable $rows): string
    {
        return self::rows([$columns, ...$rows]);
    }

    /**
     * The same without a header: the next piece of a long table.
     *
     * @param  iterable<array<array-key, string|int|float|null>>  $rows
     */
    public static function rows(iterable $rows): string
    {
        $file = fopen('php://memory', 'w+');
        if ($file === false) {
            throw new RuntimeException('No memory for a table.');
        }
        foreach ($rows as $row) {
            fputcsv(
                $file,
                array_map(
                    fn (string|int|float|null $cell): string => self::harmless((string) $cell),
                    array_values($row),
                ),
                ',',
                '"',
                '',
                "\r\n",
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * A cell a spreadsheet would reckon with, or hide behind a space, gets a mark in front; the full-width signs count
     * too. A number below zero is a number.
     */
    private static function harmless(string $cell): string
    {
        if (preg_match('/^-?\d+(\.\d+)?$/D', $cell) === 1) {
            return $cell;
        }

        return preg_match('/^[\s\x{FEFF}\x{200B}]*[=+\-@＝＋－＠\t\r\n]/u', $cell) === 1 ||
            preg_match('/^[\t\r\n]/', $cell) === 1
            ? "'{$cell}"
            : $cell;
    }
}
