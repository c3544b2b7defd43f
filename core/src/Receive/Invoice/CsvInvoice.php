<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use Sectum\Measure\Mass;
use Sectum\Receive\PriceUnit;
use Sectum\Refusal;

/** An invoice in CSV (RFC 4180, or with semicolons or tabs), with a header line. */
final readonly class CsvInvoice
{
    private const MOST_ROWS = 500;

    /** Lines that are counted before anything is read, empty ones and those within a cell included. */
    private const MOST_LINES = 5_000;

    private const MOST_COLUMNS = 100;

    private const NO_END = 'A row of it does not end: a quote is opened and never closed.';

    /** Bytes of one row; a quote that is never closed runs on to the end of the file. */
    private const MOST_BYTES_A_ROW = 20_000;

    /** @param  list<string>  $headers */
    private function __construct(public array $headers, public ColumnMap $map, public Invoice $invoice)
    {
    }

    /**
     * @param  ColumnMap|null  $map  the kitchen's for this supplier; its columns are guessed from the headers when it
     *     names none
     *
     * @throws BadInvoice when it is no table at all
     */
    public static function read(string $text, ?ColumnMap $map = null): self
    {
        $table = self::table($text);
        [$headers, $rows] = [$table->headers, $table->rows];
        if ($map === null || $map->columns === []) {
            $map = new ColumnMap(
                ColumnMap::guess($headers),
                $map->written ?? new Written(),
                $map->unit ?? PriceUnit::Kilo,
            );
        }
        if (! isset($map->columns['name'])) {
            return new self(
                $headers,
                $map,
                Invoice::of(null, null, null, null, [], ['Choose the column that names the fish.']),
            );
        }
        $missing = array_diff($map->columns, $headers);
        if ($missing !== []) {
            return new self(
                $headers,
                $map,
                Invoice::of(
                    null,
                    null,
                    null,
                    null,
                    [],
                    ['There is no column "'.implode('", "', $missing).'" in this file.'],
                ),
            );
        }
        $read = [];
        foreach ($rows as $place => $cells) {
            $read[] =
                count($cells) === count($headers)
                    ? self::row(
                        $place,
                        array_map(
                            fn (string $header): string => trim($cells[(int) array_search($header, $headers, true)]),
                            $map->columns,
                        ),
                        $map,
                    )
                    : new Row(
                        $place,
                        $cells[0],
                        null,
                        null,
                        null,
                        null,
                        $map->unit,
                        null,
                        null,
                        null,
                        [],
                        ['It has '.count($cells).' cells, the header '.count($headers).'.'],
                    );
        }

        return new self($headers, $map, Invoice::of(null, null, null, null, $read));
    }

    /**
     * Rows under one header, whatever separates their cells; not judged.
     *
     * @param  int  $most  rows
     *
     * @throws BadInvoice when it is no table, or a larger one
     */
    public static function table(string $text, int $most = self::MOST_ROWS): Table
    {
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        $lines = max(self::MOST_LINES, 2 * $most);
        if (substr_count($text, "\n") > $lines) {
            throw new BadInvoice(
                $most === self::MOST_ROWS
                    ? "More than {$lines} lines, empty ones included: this is no delivery of one day."
                    : "More than {$lines} lines, empty ones included: send it in parts.",
                '',
                '/file',
            );
        }
        $first = strtok($text, "\n");
        $separator = ';';
        foreach ([',', "\t", ';'] as $candidate) {
            if (substr_count((string) $first, $candidate) >= substr_count((string) $first, $separator)) {
                $separator = $candidate;
            }
        }
        if (substr_count((string) $first, $separator) === 0) {
            throw new BadInvoice('This is not a table: its first line has one column only.', '', '/file');
        }
        if (substr_count((string) $first, $separator) >= self::MOST_COLUMNS) {
            throw new BadInvoice('More than '.self::MOST_COLUMNS.' columns: this is no invoice.', '', '/file');
        }
        $rows = [];
        $line = 1;
        foreach (self::lines($text) as $record) {
            $cells = array_map(strval(...), str_getcsv($record, $separator, '"', ''));
            if (trim(implode('', $cells)) !== '') {
                $rows[$line] = $cells;
            }
            $line += substr_count($record, "\n") + 1;
            if (count($rows) > $most + 1) {
                throw new BadInvoice(
                    $most === self::MOST_ROWS
                        ? "More than {$most} lines: this is no delivery of one day."
                        : "More than {$most} lines: send it in parts.",
                    '',
                    '/file',
                );
            }
        }
        $header = array_key_first($rows);
        $headers = $header === null ? [] : array_map(trim(...), $rows[$header]);
        unset($rows[$header]);

        return new Table($headers, $rows);
    }

    /**
     * Records one after the other; a quoted cell may run over lines.
     *
     * @return iterable<string>
     *
     * @throws BadInvoice when a row does not end
     */
    private static function lines(string $text): iterable
    {
        $open = '';
        $quotes = 0;
        foreach (explode("\n", $text) as $line) {
            $open .= $quotes % 2 === 0 ? $line : "\n{$line}";
            $quotes += substr_count($line, '"');
            if (strlen($open) > self::MOST_BYTES_A_ROW) {
                throw new BadInvoice(self::NO_END, '', '/file');
            }
            if ($quotes % 2 === 0) {
                yield $open;
                $open = '';
            }
        }
        if ($open !== '') {
            throw new BadInvoice(self::NO_END, '', '/file');
        }
    }

    /** @param  array<string, string>  $cells */
    private static function row(int $place, array $cells, ColumnMap $map): Row
    {
        $faults = [];
        $try = function (string $says, callable $read) use ($cells, &$faults): mixed {
            $text = $cells[$says] ?? '';
            if ($text === '') {
                return null;
            }
            try {
                return $read($text);
            } catch (Refusal $refusal) {
                $faults[] = $refusal->getMessage();

                return null;
            }
        };
        $mass = $try('mass', fn (string $text): Mass => self::mass($text, $map->written));
        $count = $try('count', fn (string $text): int => self::whole($text, $map->written));
        $boxes = $try('boxes', fn (string $text): int => self::whole($text, $map->written));
        $price = $try('price', fn (string $text): BigDecimal => $map->written->number(trim($text, ' €£$')));
        $unit = $try('unit', self::unit(...)) ?? $map->unit;
        $landed = $try('landed', $map->written->date(...));
        if ($unit === PriceUnit::Each && $price !== null && $count === null) {
            $faults[] = 'A price for each needs a count.';
        }

        return new Row(
            $place,
            $cells['name'] ?? '',
            $mass instanceof Mass ? $mass : null,
            is_int($count) ? $count : null,
            is_int($boxes) ? $boxes : null,
            $price instanceof BigDecimal ? $price : null,
            $unit instanceof PriceUnit ? $unit : $map->unit,
            null,
            null,
            $landed instanceof DateTimeImmutable ? $landed : null,
            array_filter(
                array_intersect_key($cells, array_flip(['lot', 'area', 'gear', 'vessel', 'production', 'grade'])),
                fn (string $cell): bool => $cell !== '',
            ),
            $faults,
        );
    }

    /** "4,21", "4.21 kg", "9 lb"; kilograms when no unit stands there. */
    private static function mass(string $text, Written $written): Mass
    {
        if (preg_match('/^([\d.,\s\']+)\s*([a-z]+)\.?$/iu', $text, $m) === 1) {
            return Mass::parse($written->number(trim($m[1])).' '.$m[2]);
        }

        return Mass::parse($written->number($text).' kg');
    }

    private static function whole(string $text, Written $written): int
    {
        $number = $written->number($text);
        if (
            $number->isZero() ||
            ! $number->isEqualTo($number->toScale(0, RoundingMode::DOWN)) ||
            $number->isGreaterThan(10_000)
        ) {
            throw new Unwritten("\"{$text}\" is not a count.", $text);
        }

        return $number->toScale(0, RoundingMode::DOWN)->toInt();
    }

    private static function unit(string $text): PriceUnit
    {
        return match (mb_strtolower(trim($text, ' ./'))) {
            'kg', 'kilo', 'kgm', 'a kg', 'per kg' => PriceUnit::Kilo,
            'lb', 'lbs', 'lbr', 'pound' => PriceUnit::Pound,
            'each', 'ea', 'pc', 'pcs', 'piece', 'st', 'stk', 'h87', 'c62' => PriceUnit::Each,
            default => throw new Unwritten("\"{$text}\" is not what a price is for: kg, lb or each.", $text),
        };
    }
}
