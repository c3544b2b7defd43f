<?php

declare(strict_types=1);

namespace Sectum\Log\House;

use DateTimeImmutable;
use Sectum\Fish\Rung;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;
use Sectum\Measure\UnreadableMass;
use Sectum\Receive\Invoice\BadInvoice;
use Sectum\Receive\Invoice\CsvInvoice;
use Sectum\Receive\Invoice\Text;

/**
 * A table of yields from an old notebook or another house, read by a map of its columns: a kind of fish, what one
 * weighed, and its yield in percent or as a second weight.
 */
final readonly class YieldFile
{
    private const MOST_ROWS = 5000;

    /** What a column may say, and the headers that are taken for it until somebody chooses. */
    private const WORDS = [
        'species' => ['species', 'fish', 'kind', 'name'],
        'mass' => ['whole', 'weight', 'mass', 'whole_g', 'each_g', 'mass_g', 'kg', 'grams', 'whole weight'],
        'yield' => ['yield', 'yield_pct', 'yield %', '%', 'percent', 'yield percent'],
        'fillets' => ['fillets', 'fillet', 'fillets_g', 'fillet weight', 'flesh'],
        'state' => ['state', 'as purchased', 'bought as'],
        'step' => ['step', 'yield step', 'rung'],
        'day' => ['day', 'date', 'cut_on', 'cut on'],
        'cutter' => ['cutter', 'hand', 'by', 'cut by', 'who'],
        'supplier' => ['supplier', 'from'],
        'method' => ['method'],
    ];

    /**
     * @param  list<string>  $headers
     * @param  array<string, string>  $columns  header by what it says
     * @param  list<OldYield>  $rows
     * @param  list<string>  $faults  of the whole file
     */
    private function __construct(public array $headers, public array $columns, public array $rows, public array $faults)
    {
    }

    /**
     * @param  array<string, string>|null  $columns  as they were chosen; null to guess them
     * @param  bool  $dayFirst  whether 3/11/2025 is the third of November
     *
     * @throws BadInvoice when it is no table
     */
    public static function read(string $bytes, ?array $columns, UnitSystem $units, bool $dayFirst = true): self
    {
        $table = CsvInvoice::table(Text::utf8($bytes), self::MOST_ROWS);
        $columns = array_intersect($columns ?? self::guess($table->headers), $table->headers);
        $faults = array_values(array_filter([
            isset($columns['species']) ? '' : 'Choose the column that names the fish.',
            isset($columns['mass']) ? '' : 'Choose the column with the weight of the whole fish.',
            isset($columns['yield']) || isset($columns['fillets'])
                ? ''
                : 'Choose the column with the yield, or with the weight of the fillets.',
        ], fn (string $fault): bool => $fault !== ''));
        $rows = [];
        foreach ($faults === [] ? $table->rows : [] as $place => $cells) {
            $read = [];
            foreach ($columns as $says => $header) {
                $read[$says] = trim($cells[(int) array_search($header, $table->headers, true)] ?? '');
            }
            $rows[] = self::row($place, $read, $columns, $units, $dayFirst);
        }

        return new self($table->headers, $columns, $rows, $faults);
    }

    /** @return list<string> what a column may say */
    public static function says(): array
    {
        return array_keys(self::WORDS);
    }

    /**
     * @param  list<string>  $headers
     * @return array<string, string>
     */
    private static function guess(array $headers): array
    {
        $columns = [];
        foreach (self::WORDS as $says => $words) {
            foreach ($headers as $header) {
                if (! in_array($header, $columns, true) && in_array(mb_strtolower($header), $words, true)) {
                    $columns[$says] = $header;
                    break;
                }
            }
        }

        return $columns;
    }

    /**
     * @param  array<string, string>  $cells
     * @param  array<string, string>  $columns
     */
    private static function row(int $place, array $cells, array $columns, UnitSystem $units, bool $dayFirst): OldYield
    {
        $each = self::mass($cells['mass'], $columns['mass'], $units);
        $pct = self::percent($cells, $columns, $each, $units);
        $said = fn (string $says): string => $cells[$says] ?? '';
        $day = self::day($said('day'), $dayFirst);
        $state = $said('state') === '' ? StateBought::Gutted : self::state($said('state'));
        $step = $said('step') === '' ? Rung::Fillets : Rung::tryFrom(mb_strtolower($said('step')));
        $faults = array_keys(array_filter([
            "“{$cells['mass']}” is no weight of a fish." => $each?->isPositive() !== true,
            'Its yield is not between 0 and 100 %.' => $pct === null || $pct <= 0 || $pct >= 100,
            "“{$said('day')}” is no day." => $said('day') !== '' && $day === null,
            "“{$said('state')}” is no state fish is bought in." => $state === null,
            "“{$said('step')}” is no yield step." => $step === null,
        ]));

        return new OldYield(
            $place,
            $cells['species'],
            $state ?? StateBought::Gutted,
            $step ?? Rung::Fillets,
            $each,
            $pct,
            $day,
            $cells['cutter'] ?? '',
            $cells['supplier'] ?? '',
            $cells['method'] ?? '',
            $faults,
        );
    }

    private static function state(string $said): ?StateBought
    {
        return mb_strtolower($said) === 'whole' || mb_strtolower($said) === 'ungutted'
            ? StateBought::Round
            : StateBought::tryFrom(mb_strtolower($said));
    }

    /** A bare number is in the unit its header names, else in grams. */
    private static function mass(string $said, string $header, UnitSystem $units): ?Mass
    {
        $said = str_replace(',', '.', $said);
        $unit = preg_match('/\b(kg|lb|oz)\b/', mb_strtolower(str_replace('_', ' ', $header)), $m) === 1 ? $m[1] : 'g';
        try {
            return Mass::parse(preg_match('/[a-z]/i', $said) === 1 ? $said : $said.$unit, $units);
        } catch (UnreadableMass) {
            return null;
        }
    }

    /**
     * @param  array<string, string>  $cells
     * @param  array<string, string>  $columns
     */
    private static function percent(array $cells, array $columns, ?Mass $each, UnitSystem $units): ?float
    {
        $said = str_replace([',', '%', ' '], ['.', '', ''], $cells['yield'] ?? '');
        if (is_numeric($said)) {
            // A share of one is written as often as a percentage.
            return (float) $said <= 1 ? 100 * (float) $said : (float) $said;
        }
        $fillets = isset($columns['fillets'])
            ? self::mass($cells['fillets'] ?? '', $columns['fillets'], $units)
            : null;

        return $fillets === null || $each === null || ! $each->isPositive()
            ? null
            : (100 * $fillets->milligrams) / $each->milligrams;
    }

    private static function day(string $said, bool $dayFirst): ?DateTimeImmutable
    {
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})/', $said, $m) === 1) {
            [$year, $month, $day] = [(int) $m[1], (int) $m[2], (int) $m[3]];
        } elseif (preg_match('#^(\d{1,2})[./-](\d{1,2})[./-](\d{4})#', $said, $m) === 1) {
            [$day, $month] = $dayFirst ? [(int) $m[1], (int) $m[2]] : [(int) $m[2], (int) $m[1]];
            $year = (int) $m[3];
        } else {
            return null;
        }

        return checkdate($month, $day, $year)
            ? (new DateTimeImmutable('2000-01-01'))->setDate($year, $month, $day)
            : null;
    }
}
