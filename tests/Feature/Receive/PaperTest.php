<?php

declare(strict_types=1);

namespace Tests\Feature\Receive;

use App\Fish\Delivery;
use App\Fish\DeliveryLine;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Labels under the scanner and suppliers' files. */
final class PaperTest extends AtTheDoor
{
    private const CSV = "Artikel;Gewicht;Stück;Preis;Charge;Datum\nHake;12,300;4;9,80;H-2311;23.11.2026\nLoup;3,1;".
        "6;16,40;L-9;23.11.2026\nPfand Kiste;;3;4,50;;\n";

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function take(string $file, array $what = [], ?string $delivery = null): TestResponse
    {
        return $this->api('PUT', '/receive/deliveries/'.($delivery ?? self::id()).'/invoice', [
            'file' => base64_encode($file),
            'supplier' => 'Harbourgate Fish',
            'number' => 'HG-3000',
            'delivered_on' => now()->format('Y-m-d'),
            ...$what,
        ]);
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function preview(string $file, array $what = []): TestResponse
    {
        return $this->api('POST', '/receive/invoice', ['file' => base64_encode($file), ...$what]);
    }

    /** @return array<string, mixed> */
    private function map(): array
    {
        return [
            'columns' => [
                'name' => 'Artikel',
                'mass' => 'Gewicht',
                'count' => 'Stück',
                'price' => 'Preis',
                'lot' => 'Charge',
                'landed' => 'Datum',
            ],
            'names' => ['Loup' => $this->species('European seabass')],
            'decimals' => 'comma',
            'dates' => 'dmy',
            'unit' => 'kg',
        ];
    }

    public function test_a_scan_fills_the_line_and_a_bad_one_says_which_element(): void
    {
        $scan = $this->api('POST', '/receive/scan', [
            'text' => "]C10109506000134352310300419510LOT-7\x1d7008HKE\x1d7010 01",
        ])->assertStatus(422);
        self::assertStringContainsString('(7010) Production method', (string) $scan->json('detail'));
        $scan = $this->api('POST', '/receive/scan', [
            'text' => "]C10109506000134352310300419510LOT-7\x1d7008HKE\x1d701001\x1d700527.7.a\x1d7007261120261122",
        ])->assertOk();
        self::assertSame(
            [
                'species' => $this->species('Hake'),
                'species_name' => 'Hake',
                'state' => 'gutted',
                'lot' => 'LOT-7',
                'gtin' => '09506000134352',
                'area' => '27.7.a',
                'harvested_on' => '2026-11-22',
                'production' => 'wild',
                'invoiced' => '4.195 kg',
            ],
            $scan->json('line'),
        );
        // A trade item this kitchen has had before is known without its species.
        $this->line('Brill', ['gtin' => '09506000134369']);
        $this->api('POST', '/receive/scan', ['text' => 'https://id.gs1.org/01/09506000134369/10/B%2F1'])
            ->assertOk()
            ->assertJsonPath('line.species_name', 'Brill')
            ->assertJsonPath('line.lot', 'B/1');
    }

    public function test_a_csv_is_previewed_mapped_and_taken_and_its_map_is_kept(): void
    {
        $first = $this->preview(self::CSV)
            ->assertOk()
            ->assertJsonPath('kind', 'csv')
            ->assertJsonPath('columns.name', 'Artikel')
            ->assertJsonPath('rows.0.species_name', 'Hake');
        self::assertStringContainsString('Loup', (string) json_encode($first->json('rows.1.faults')));
        $comma = $this->preview(self::CSV, ['map' => ['decimals' => 'comma']])
            ->assertOk()
            ->assertJsonPath('columns.name', 'Artikel')
            ->assertJsonPath('rows.0.mass', '12.300 kg');
        self::assertSame([], $comma->json('rows.0.faults'));
        $mapped = $this->preview(self::CSV, ['map' => $this->map()])->assertOk();
        self::assertSame([[], [], ['No fish here is called "Pfand Kiste".']], $mapped->json('rows.*.faults'));
        self::assertSame(
            ['12.300 kg', '€9.80 a kg', 'H-2311, 23 Nov 2026'],
            [$mapped->json('rows.0.mass'), $mapped->json('rows.0.price'), $mapped->json('rows.0.trace')],
        );

        $refused = $this->take(self::CSV, ['map' => $this->map()])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/rows/2');
        self::assertStringStartsWith('Line 4: No fish here', (string) $refused->json('errors.0.detail'));
        self::assertSame([1, 0], [Delivery::query()->count(), DeliveryLine::query()->count()]);

        $delivery = self::id();
        $taken = $this->take(self::CSV, ['map' => $this->map(), 'leave_out' => [4]], $delivery)
            ->assertOk()
            ->assertJsonCount(2, 'lines');
        self::assertSame(
            ['European seabass', '3100 g', 6, '€16.40 a kg', 'L-9'],
            [
                $taken->json('lines.1.species.name'),
                $taken->json('lines.1.invoiced'),
                $taken->json('lines.1.count'),
                $taken->json('lines.1.price'),
                $taken->json('lines.1.lot'),
            ],
        );
        $this->take(self::CSV, ['map' => $this->map(), 'leave_out' => [4]], $delivery)
            ->assertOk()
            ->assertJsonCount(2, 'lines');
        $this->take(self::CSV, ['map' => $this->map(), 'leave_out' => [4]])
            ->assertConflict()
            ->assertJsonPath('delivery', $delivery);
        $this->preview(self::CSV, ['supplier' => 'Harbourgate Fish'])
            ->assertOk()
            ->assertJsonPath('rows.1.species_name', 'European seabass');
    }

    public function test_an_xml_invoice_of_two_tax_rates_is_taken_to_the_cent(): void
    {
        $xml = (string) file_get_contents(base_path('core/tests/Receive/fixtures/invoice-two-rates.xml'));
        $shown = $this->preview($xml)
            ->assertOk()
            ->assertJsonPath('kind', 'ubl')
            ->assertJsonPath('number', 'HG-2041')
            ->assertJsonPath('supplier', 'Harbourgate Fish');
        self::assertSame(
            [['€120.54', '10 %'], ['€86.49', '10 %'], ['€13.50', '21 %']],
            array_map(
                fn (mixed $row): array => is_array($row) ? [$row['net'], $row['tax']] : [],
                (array) $shown->json('rows'),
            ),
        );
        $taken = $this->take($xml, ['leave_out' => [3]])->assertOk();
        self::assertSame(
            [['12.300 kg', '€9.80 a kg'], ['4650 g', '€18.60 a kg']],
            array_map(
                fn (mixed $line): array => is_array($line) ? [$line['invoiced'], $line['price']] : [],
                (array) $taken->json('lines'),
            ),
        );
    }

    /** @return array<string, array{string, string}> */
    public static function bad(): array
    {
        return [
            'a doctype' => [
                '<?xml version="1.0"?><!DOCTYPE Invoice SYSTEM "file:///etc/passwd"><Invoice/>',
                'document type',
            ],
            'a billion laughs' => [
                '<?xml version="1.0"?><!DOCTYPE l [<!ENTITY a "ha"><!ENTITY b '.
                '"&a;&a;&a;&a;&a;&a;">]><Invoice>&b;&b;</Invoice>',
                'document type',
            ],
            'no table' => ["just words\nand more", 'not a table'],
            'bytes of something else' => ["PK\x03\x04\x00\x00\x00", 'text'],
        ];
    }

    #[DataProvider('bad')]
    public function test_a_file_that_is_no_invoice_is_told_in_a_sentence(string $file, string $saying): void
    {
        $response = $this->preview($file)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/file');
        self::assertStringContainsStringIgnoringCase($saying, (string) $response->json('detail'));
    }

    public function test_fifty_megabytes_are_not_read(): void
    {
        $response = $this->call(
            'POST',
            '/api/receive/invoice',
            [],
            [],
            [],
            [
                'CONTENT_TYPE' => 'application/json',
                'HTTP_ACCEPT' => 'application/json',
                'CONTENT_LENGTH' => '52428800',
            ],
            '{}',
        );
        $response->assertStatus(413);
        self::assertStringContainsString('up to 5 MB', (string) $response->json('detail'));
    }

    public function test_rows_that_repeat_or_make_no_sense_keep_everything_out(): void
    {
        $rows =
            "Artikel;Gewicht;Stück;Preis;Charge;Datum\nHake;12,3;4;9,80;A;23.11.2026\nHake;12,3;4;9,80;A;".
            "23.11.2026\nHake;zehn;1;9,80;B;31.02.2026\n";
        $faults = $this->preview($rows, ['map' => $this->map()])
            ->assertOk()
            ->json('rows.*.faults');
        self::assertSame([[], ['This is line 2 over again.']], array_slice((array) $faults, 0, 2));
        self::assertCount(2, (array) data_get($faults, '2'));
        $this->take($rows, ['map' => $this->map()])->assertStatus(422);
        self::assertSame(0, DeliveryLine::query()->count());
        $this->actingAs($this->cutter);
        $this->preview($rows)->assertForbidden();
    }
}
