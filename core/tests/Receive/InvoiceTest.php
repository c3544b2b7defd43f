<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Receive\Invoice\BadInvoice;
use Sectum\Receive\Invoice\ColumnMap;
use Sectum\Receive\Invoice\CsvInvoice;
use Sectum\Receive\Invoice\Row;
use Sectum\Receive\Invoice\Text;
use Sectum\Receive\Invoice\UblInvoice;
use Sectum\Receive\Invoice\Unwritten;
use Sectum\Receive\Invoice\Written;
use Sectum\Receive\PriceUnit;

final class InvoiceTest extends TestCase
{
    private const MAP = [
        'name' => 'Artikel',
        'mass' => 'Gewicht',
        'count' => 'Stk',
        'price' => 'Preis',
        'unit' => 'Einheit',
        'lot' => 'Charge',
        'landed' => 'Datum',
    ];

    private static function ubl(string $name): string
    {
        return (string) file_get_contents(__DIR__."/fixtures/{$name}.xml");
    }

    public function test_a_table_with_decimal_commas_is_read_by_the_kitchens_map(): void
    {
        $csv =
            "Artikel;Stk;Gewicht;Preis;Einheit;Charge;Datum\r\nHecht;2;4,215;12,40;kg;L-7;23.11.2026\r\n\"Forelle; ".
            "rosa\";11;1.004,5 g;3,10;each;;\r\n";
        $read = CsvInvoice::read($csv, new ColumnMap(self::MAP, new Written('comma', 'dmy')));
        self::assertTrue(
            $read->invoice->isClean(),
            implode(' ', array_merge(...array_map(fn (Row $r): array => $r->faults, $read->invoice->rows))),
        );
        [$pike, $trout] = $read->invoice->rows;
        self::assertSame(
            [2, 'Hecht', 4_215_000, 2, '12.40', PriceUnit::Kilo, '2026-11-23', ['lot' => 'L-7']],
            [
                $pike->place,
                $pike->name,
                $pike->mass?->milligrams,
                $pike->count,
                (string) $pike->price,
                $pike->unit,
                $pike->landed?->format('Y-m-d'),
                $pike->trace,
            ],
        );
        self::assertSame(
            ['Forelle; rosa', 1_004_500, 11, PriceUnit::Each],
            [$trout->name, $trout->mass?->milligrams, $trout->count, $trout->unit],
        );
    }

    public function test_columns_are_guessed_from_their_headers(): void
    {
        $read = CsvInvoice::read("Item,Net weight,Unit price,Lot no.\nHake,12.3 kg,9.80,H-1\n");
        self::assertSame(
            ['name' => 'Item', 'mass' => 'Net weight', 'price' => 'Unit price', 'lot' => 'Lot no.'],
            $read->map->columns,
        );
        self::assertSame(12_300_000, $read->invoice->rows[0]->mass?->milligrams);
        self::assertSame(['Choose the column that names the fish.'], CsvInvoice::read("A,B\n1,2\n")->invoice->faults);
        self::assertStringContainsString(
            'There is no column "Gewicht"',
            CsvInvoice::read("Artikel,B\n1,2\n", new ColumnMap(['name' => 'Artikel', 'mass' => 'Gewicht']))->invoice
                ->faults[0],
        );
    }

    public function test_each_row_says_what_is_wrong_with_it(): void
    {
        $csv =
            "Item,Weight,Count,Price,Per,Landed\nHake,\"1,234\",,9.80,kg,2026-11-23\nHake,12 ".
            "stone,,9.80,kg,\nHake,,,9.80,kg,\nHake,2,,3.10,each,\nHake,2,1,9.80,crate,\n".
            "Hake,2,1,9.80,kg,03/04/2026\n,2,1,9.80,kg,\nHake,2,1,9.80\nChar,3,1,13.90,kg,\nChar,3,1,13.90,kg,\n".
            "Char,0,1,13.90,kg,\nChar,3,1.5,13.90,kg,\n";
        $faults = array_map(
            fn (Row $row): string => $row->place.': '.implode(' ', $row->faults),
            CsvInvoice::read($csv)->invoice->rows,
        );
        foreach (
            [
                '2: "1,234" can be two numbers',
                '3: "stone" is not a unit',
                '4: It has neither a weight nor a count',
                '5: A price for each needs a count',
                '6: "crate" is not what a price is for',
                '7: "03/04/2026" can be two days',
                '8: It does not say what it is',
                '9: It has 4 cells, the header 6',
                '10: ',
                '11: This is line 10 over again',
                '12: That is nothing',
                '13: "1.5" is not a count',
            ] as $i => $expected
        ) {
            self::assertStringStartsWith($expected, $faults[$i]);
        }
        self::assertSame('10: ', $faults[8]);
    }

    /** @return array<string, array{'auto'|'point'|'comma', string, string|null}> */
    public static function numbers(): array
    {
        return [
            'point' => ['auto', '13.90', '13.90'],
            'comma' => ['auto', '13,90', '13.90'],
            'groups and comma' => ['auto', '1.234,50', '1234.50'],
            'groups and point' => ['auto', '1,234.50', '1234.50'],
            'spaces' => ['auto', '1 234,5', '1234.5'],
            'three decimals after a point' => ['auto', '4.210', '4.210'],
            'either' => ['auto', '4,210', null],
            'told' => ['comma', '4,210', '4.210'],
            'told groups' => ['point', '4,210', '4210'],
            'below zero' => ['auto', '-3', null],
            'words' => ['auto', 'ten', null],
            'two points' => ['auto', '1.2.3', null],
            'comma where a point belongs' => ['point', '13,9', null],
            'an exponent' => ['auto', '1e9', null],
        ];
    }

    /** @param  'auto'|'point'|'comma'  $decimals */
    #[DataProvider('numbers')]
    public function test_numbers_are_read_one_way_or_refused(string $decimals, string $text, ?string $value): void
    {
        if ($value === null) {
            $this->expectException(Unwritten::class);
        }
        self::assertSame($value, (string) (new Written($decimals))->number($text));
    }

    public function test_dates_in_three_styles(): void
    {
        $read = fn (string $text, string $style = 'auto'): string => (new Written(
            'auto',
            $style === 'mdy' ? 'mdy' : ($style === 'dmy' ? 'dmy' : 'auto'),
        ))
            ->date($text)
            ->format('Y-m-d');
        self::assertSame(
            ['2026-11-24', '2026-11-24', '2026-11-24', '2026-11-24', '2026-11-24'],
            [$read('2026-11-24'), $read('24.11.2026'), $read('24/11/26'), $read('11/24/2026'), $read('20261124')],
        );
        self::assertSame(['2026-04-03', '2026-03-04'], [$read('03/04/2026', 'dmy'), $read('03/04/2026', 'mdy')]);
        $this->expectException(Unwritten::class);
        $read('31.02.2026');
    }

    public function test_text_is_read_whatever_it_was_saved_as(): void
    {
        $text = "Artikel;Preis\nSt. Pierre à l'œuf;3 €";
        $marks = ['UTF-8' => '', 'Windows-1252' => '', 'UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"];
        foreach ($marks as $encoding => $mark) {
            self::assertSame($text, Text::utf8($mark.mb_convert_encoding($text, $encoding, 'UTF-8')), $encoding);
        }
        $this->expectException(BadInvoice::class);
        Text::utf8("PK\x03\x04\x00\x00binary");
    }

    public function test_an_invoice_with_two_rates_of_tax_is_read_to_the_cent(): void
    {
        $invoice = UblInvoice::read(self::ubl('invoice-two-rates'));
        self::assertSame([], $invoice->faults);
        self::assertTrue($invoice->isClean());
        self::assertSame(
            ['Harbourgate Fish', 'HG-2041', '2026-11-24', 'EUR'],
            [$invoice->supplier, $invoice->number, $invoice->date?->format('Y-m-d'), $invoice->currency],
        );
        self::assertSame(
            [
                ['Hake', 12_300_000, null, '9.80', '120.54', '10'],
                ['Brill', 4_650_000, null, '18.60', '86.49', '10'],
                ['Ice box, deposit', null, 3, '4.50', '13.50', '21'],
            ],
            array_map(
                fn (Row $row): array => [
                    $row->name,
                    $row->mass?->milligrams,
                    $row->count,
                    (string) $row->price,
                    (string) $row->net,
                    (string) $row->taxPct,
                ],
                $invoice->rows,
            ),
        );
        self::assertSame(['lot' => 'H-2311', 'area' => 'FR'], $invoice->rows[0]->trace);
    }

    public function test_a_despatch_advice_brings_weights_without_prices(): void
    {
        $advice = UblInvoice::read(self::ubl('despatch-advice'));
        self::assertTrue($advice->isClean());
        self::assertSame(
            ['Lakeside Fishery', 'LF-77', [['Zander', 9_071_847, null]]],
            [
                $advice->supplier,
                $advice->number,
                array_map(fn (Row $row): array => [$row->name, $row->mass?->milligrams, $row->price], $advice->rows),
            ],
        );
    }

    public function test_sums_that_do_not_fit_are_named(): void
    {
        $wrong = UblInvoice::read(
            strtr(self::ubl('invoice-two-rates'), ['>20.70<' => '>20.71<', '>120.54<' => '>121.54<']),
        );
        self::assertStringContainsString('10 % of 207.03 is not 20.71.', implode(' ', $wrong->faults));
        self::assertStringContainsString('the invoice says 220.53', implode(' ', $wrong->faults));
        self::assertStringContainsString('does not make 121.54', implode(' ', $wrong->rows[0]->faults));
    }

    /**
     * @return array<string, array{string, string, string}> what is written, what stands there instead, what is said of
     *     it
     */
    public static function slips(): array
    {
        return [
            'a weight of nothing' => ['>12.3</', '>0</', 'Its weight is nothing, or more than two tonnes.'],
            'a weight below zero' => ['>12.3</', '>-12.3</', 'InvoicedQuantity is "-12.3", which is no amount.'],
            'a decimal comma' => ['>12.3</', '>12,3</', 'InvoicedQuantity is "12,3", which is no amount.'],
            'grams written as kilos' => [
                'unitCode="GRM">4650',
                'unitCode="KGM">4650',
                'Its weight is nothing, or more than two tonnes.',
            ],
            'crates' => [
                'unitCode="KGM">12.3',
                'unitCode="CR">12.3',
                'A quantity in "CR" is not known here: kilos, grams, pounds, ounces or pieces.',
            ],
            'half a box' => ['unitCode="H87">3<', 'unitCode="H87">2.5<', '2.5 is not a count of fish.'],
            'a price in words' => [
                '>9.80</cbc:PriceAmount>',
                '>nine</cbc:PriceAmount>',
                'PriceAmount is "nine", which is no amount.',
            ],
            'a line that does not multiply' => ['>12.3</', '>12.4</', '12.4 × 9.80 does not make 120.54.'],
            'a day that is none' => ['>2026-11-24<', '>2026-11-31<', ''],
            'a taxable sum that is not that of its lines' => [
                '>207.03<',
                '>207.04<',
                'At 10 % the lines come to 207.03, the invoice says 207.04.',
            ],
            'a rate that is no number' => [
                '<cbc:Percent>21</cbc:Percent><cac:TaxScheme><cbc:ID>VAT</cbc:ID></cac:TaxScheme></cac:TaxCategory>',
                '<cbc:Percent>full</cbc:Percent><cac:TaxScheme><cbc:ID>VAT</cbc:ID></cac:TaxScheme></cac:TaxCategory>',
                'Percent is "full", which is no amount.',
            ],
        ];
    }

    #[DataProvider('slips')]
    public function test_a_slip_is_said_and_the_rest_is_read(string $written, string $instead, string $said): void
    {
        $xml = self::ubl('invoice-two-rates');
        self::assertStringContainsString($written, $xml);
        $invoice = UblInvoice::read(str_replace($written, $instead, $xml));
        self::assertFalse($invoice->isClean());
        self::assertCount(3, $invoice->rows);
        $faults = [
            ...$invoice->faults,
            ...array_merge(...array_map(fn (Row $row): array => $row->faults, $invoice->rows)),
        ];
        $said === '' ? self::assertNotSame([], $faults) : self::assertContains($said, $faults);
        self::assertSame('HG-2041', $invoice->number);
    }

    public function test_pounds_and_a_price_for_ten_of_them_come_out_the_same(): void
    {
        $xml = strtr(self::ubl('invoice-two-rates'), [
            'unitCode="KGM">12.3' => 'unitCode="LBR">10',
            '<cbc:PriceAmount currencyID="EUR">9.80</cbc:PriceAmount>' => '<cbc:PriceAmount '.
                'currencyID="EUR">120.54</cbc:PriceAmount><cbc:BaseQuantity unitCode="LBR">10</cbc:BaseQuantity>',
        ]);
        $row = UblInvoice::read($xml)->rows[0];
        self::assertSame(
            [4_535_924, '12.054', PriceUnit::Pound, []],
            [$row->mass?->milligrams, (string) $row->price, $row->unit, $row->faults],
        );
    }

    public function test_more_lines_than_a_day_brings_are_refused_whole(): void
    {
        $xml = self::ubl('invoice-two-rates');
        $from = (int) strpos($xml, '<cac:InvoiceLine>');
        $one = substr($xml, $from, (int) strpos($xml, '</cac:InvoiceLine>') + strlen('</cac:InvoiceLine>') - $from);
        $this->expectException(BadInvoice::class);
        $this->expectExceptionMessage('this is no delivery of one day');
        UblInvoice::read(str_replace($one, str_repeat($one, 500), $xml));
    }

    /** @return array<string, array{string}> */
    public static function attacks(): array
    {
        return [
            'a doctype' => ['<?xml version="1.0"?><!DOCTYPE Invoice SYSTEM "file:///etc/passwd"><Invoice/>'],
            'a billion laughs' => [
                '<?xml version="1.0"?><!DOCTYPE l [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;&a;">]><Invoice>&b;</Invoice>',
            ],
            'an entity nobody declared' => ['<Invoice>&x;</Invoice>'],
            'another document' => ['<html><body/></html>'],
            'no end' => ['<Invoice xmlns="urn:oasis:names:specification:ubl:schema:xsd:Invoice-2"><a>'],
            'an invoice of no namespace' => ['<Invoice/>'],
            'a despatch advice in the namespace of an invoice' => [
                '<DespatchAdvice xmlns="urn:oasis:names:specification:ubl:schema:xsd:Invoice-2"/>',
            ],
        ];
    }

    #[DataProvider('attacks')]
    public function test_xml_that_is_no_invoice_is_refused(string $xml): void
    {
        $this->expectException(BadInvoice::class);
        UblInvoice::read($xml);
    }
}
