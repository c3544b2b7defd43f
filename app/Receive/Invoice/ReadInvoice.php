<?php

declare(strict_types=1);

namespace App\Receive\Invoice;

use App\Catalogue\NamedSpecies;
use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Supplier;
use JsonException;
use Sectum\Receive\Invoice\ColumnMap;
use Sectum\Receive\Invoice\CsvInvoice;
use Sectum\Receive\Invoice\Invoice;
use Sectum\Receive\Invoice\Row;
use Sectum\Receive\Invoice\Text;
use Sectum\Receive\Invoice\UblInvoice;
use Sectum\Receive\Invoice\Written;
use Sectum\Receive\PriceUnit;
use Sectum\Refusal;

/** Reads a supplier's file, by the map the kitchen keeps for this supplier, and finds each fish in the catalogue. */
final readonly class ReadInvoice
{
    private const MOST_BYTES = 5_000_000;

    public function __invoke(Fields $fields): ReadFile
    {
        $bytes = base64_decode($fields->string('file'), true);
        if ($bytes === false || strlen($bytes) > self::MOST_BYTES) {
            throw Fault::inField('/file', 'An invoice file is up to 5 MB.');
        }
        $kept = self::kept($fields->maybeString('supplier'));
        $map = $fields->has('map') ? $fields->fields('map') : $kept;
        try {
            $text = Text::utf8($bytes);
            if (str_starts_with(ltrim($text), '<')) {
                $invoice = UblInvoice::read($text);
                $kept = $fields->has('map') ? $map : self::kept($invoice->supplier);

                return new ReadFile('ubl', [], null, $invoice, self::found($invoice, $kept));
            }
            $csv = CsvInvoice::read($text, $map === null ? null : self::columns($map));
        } catch (Refusal $refusal) {
            throw Fault::inField('/file', $refusal->getMessage());
        }

        return new ReadFile('csv', $csv->headers, $csv->map, $csv->invoice, self::found($csv->invoice, $map));
    }

    /** @return array<string, string> what a supplier calls a fish, to the house's, as the kitchen keeps it */
    public static function names(?string $supplier): array
    {
        return self::kept($supplier)?->fields('names')->texts() ?? [];
    }

    private static function kept(?string $supplier): ?Fields
    {
        $known = $supplier === null ? null : Supplier::query()->where('name', trim($supplier))->first();
        $json = $known === null ? null : InvoiceMap::rows()->where('supplier_id', $known->id)->value('map');
        try {
            $map = is_string($json) ? json_decode($json, true, 8, JSON_THROW_ON_ERROR) : null;
        } catch (JsonException) {
            return null;
        }

        return is_array($map) ? new Fields($map) : null;
    }

    private static function columns(Fields $map): ColumnMap
    {
        $decimals = $map->maybeString('decimals');
        $dates = $map->maybeString('dates');

        return new ColumnMap(
            $map->fields('columns')->texts(),
            new Written(
                in_array($decimals, ['point', 'comma'], true) ? $decimals : 'auto',
                in_array($dates, ['dmy', 'mdy', 'ymd'], true) ? $dates : 'auto',
            ),
            PriceUnit::from($map->maybeString('unit') ?? PriceUnit::Kilo->value),
        );
    }

    /** @return array<int, Species|null> by place in the list of rows */
    private static function found(Invoice $invoice, ?Fields $map): array
    {
        $names = $map?->fields('names')->texts() ?? [];
        $all = Species::query()->get();

        return array_map(
            fn (Row $row): ?Species => $all->firstWhere('id', $names[$row->name] ?? '') ??
                NamedSpecies::called($row->name, $all),
            $invoice->rows,
        );
    }
}
