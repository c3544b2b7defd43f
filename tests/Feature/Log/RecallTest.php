<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Receive\AtTheDoor;

final class RecallTest extends AtTheDoor
{
    private string $line;

    private string $cut;

    protected function setUp(): void
    {
        parent::setUp();
        $this->line = $this->line('Hake', [
            'lot' => 'H-2311',
            'gtin' => '09506000134352',
            'area' => '=27.7.a',
            'landed_on' => now()->subDays(2)->format('Y-m-d'),
            'price' => '9.80',
        ]);
        $this->cut = self::id();
        $bad = self::id();
        $this->weighIn($this->line, '4210 g', [], $this->cut);
        $this->weighIn($this->line, '3000 g');
        $this->weighIn($this->line, '2500 g', [], $bad);
        $this->inspect($this->line, ['fish' => [$bad], 'grades' => [...self::BRIGHT, 'smell' => 3]]);
        $this->close()->assertOk();
        foreach (
            ['head' => '650 g', 'frame' => '520 g', 'side-a' => '1515 g', 'side-b' => '1500 g'] as $part => $grams
        ) {
            $this->weigh($this->cut, $part, $grams);
        }
        $this->boned($this->cut);
        $this->done($this->cut, 'breakdown')->assertOk();
    }

    public function test_everything_of_a_lot_is_found_where_it_is_to_the_gram(): void
    {
        $recall = $this->api('GET', '/log/recall?q=h-2311')
            ->assertOk()
            ->assertJsonPath('in.mg', 9_710_000)
            ->assertJsonPath('back.0.number', 'HG-2041');
        $places = array_column((array) $recall->json('places'), 'mass', 'name');
        self::assertSame(3_015_000, data_get($places, 'Fillets, to be portioned.mg'));
        self::assertSame(3_000_000, data_get($places, 'In the cold room, whole.mg'));
        self::assertSame(2_500_000, data_get($places, 'Refused, goes back to the supplier.mg'));
        self::assertSame(1_170_000, data_get($places, 'On the board, not routed.mg'));
        $recall->assertJsonPath('unaccounted.mg', 25_000)->assertJsonCount(3, 'fish');
        $this->weigh($this->cut, 'portion', '170 g', 'portion')->assertOk();
        $places = (array) $this->api('GET', '/log/recall?q=HG-2041')
            ->assertJsonPath('in.mg', 9_710_000)
            ->json('places.*.name');
        self::assertContains('Portions: no dish yet', $places);
        $this->api('GET', '/log/recall?q='.urlencode('(01)09506000134352(10)H-2311'))->assertJsonCount(3, 'fish');
        $this->api('GET', '/log/recall?q='.urlencode('no. 1'))
            ->assertJsonCount(1, 'fish')
            ->assertJsonPath('back.0.lot', 'H-2311');
        $this->api('GET', '/log/recall?q=')->assertJsonPath('fish', [])->assertJsonPath('lately.0.lot', 'H-2311');
        $this->api('GET', '/log/recall?q=H-23%25')->assertJsonPath('fish', []);
    }

    public function test_the_events_keep_the_rules_of_the_standard_and_carry_every_gram(): void
    {
        $file = $this->get('/api/log/trace/epcis?q=H-2311')
            ->assertOk()
            ->assertHeader('Content-Type', 'application/ld+json');
        self::assertNull(
            self::faults((string) $file->getContent()),
            (string) json_encode(self::faults((string) $file->getContent())),
        );
        $events = json_decode((string) $file->getContent(), true, 16, JSON_THROW_ON_ERROR);
        self::assertSame(
            ['ObjectEvent', 'ObjectEvent', 'TransformationEvent'],
            data_get($events, 'epcisBody.eventList.*.type'),
        );
        $lot = 'https://id.gs1.org/01/09506000134352/10/H-2311';
        self::assertEquals(
            [['epcClass' => $lot, 'quantity' => 7.21, 'uom' => 'KGM']],
            data_get($events, 'epcisBody.eventList.0.quantityList'),
        );
        self::assertSame(
            [2.5, 'non_conformant'],
            [
                data_get($events, 'epcisBody.eventList.1.quantityList.0.quantity'),
                data_get($events, 'epcisBody.eventList.1.disposition'),
            ],
        );
        self::assertSame(
            [$lot, 4.21],
            [
                data_get($events, 'epcisBody.eventList.2.inputQuantityList.0.epcClass'),
                data_get($events, 'epcisBody.eventList.2.inputQuantityList.0.quantity'),
            ],
        );
        self::assertEqualsWithDelta(
            4.185,
            array_sum(
                array_filter(
                    (array) data_get($events, 'epcisBody.eventList.2.outputQuantityList.*.quantity'),
                    is_numeric(...),
                ),
            ),
            1e-9,
        );
        self::assertSame(
            data_get($events, 'epcisBody.eventList.*.eventID'),
            data_get(
                json_decode((string) $this->get('/api/log/trace/epcis?q=HG-2041')->getContent(), true),
                'epcisBody.eventList.*.eventID',
            ),
        );
    }

    /** @return array<string, array{callable(array<string, mixed>): array<string, mixed>}> */
    public static function broken(): array
    {
        $event = fn (callable $change): callable => fn (array $document): array => [
            ...$document,
            'epcisBody' => ['eventList' => [$change((array) data_get($document, 'epcisBody.eventList.0'))]],
        ];

        return [
            'no version' => [fn (array $document): array => array_diff_key($document, ['schemaVersion' => 0])],
            'no offset' => [$event(fn (array $one): array => array_diff_key($one, ['eventTimeZoneOffset' => 0]))],
            'an action nobody knows' => [$event(fn (array $one): array => [...$one, 'action' => 'LOOK'])],
            'a step nobody knows' => [$event(fn (array $one): array => [...$one, 'bizStep' => 'weighing'])],
            'a member without a prefix' => [$event(fn (array $one): array => [...$one, 'lot' => 'A'])],
            'nothing seen' => [$event(fn (array $one): array => array_diff_key($one, ['quantityList' => 0]))],
            'a quantity of nothing' => [
                $event(
                    fn (array $one): array => [...$one, 'quantityList' => [['epcClass' => 'urn:x', 'quantity' => 0]]],
                ),
            ],
            'a transformation without an outcome' => [
                $event(
                    fn (array $one): array => array_diff_key(
                        [
                            ...$one,
                            'type' => 'TransformationEvent',
                            'inputQuantityList' => [['epcClass' => 'urn:x', 'quantity' => 1]],
                        ],
                        ['action' => 0, 'quantityList' => 0, 'disposition' => 0],
                    ),
                ),
            ],
        ];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $break */
    #[DataProvider('broken')]
    public function test_the_rules_refuse_what_the_standard_refuses(callable $break): void
    {
        $document = json_decode(
            (string) $this->get('/api/log/trace/epcis?q=H-2311')->getContent(),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($document);
        self::assertNotNull(self::faults((string) json_encode($break($document))));
    }

    public function test_the_table_is_harmless_in_a_spreadsheet_and_adds_up(): void
    {
        $csv = $this->get('/api/log/trace/csv?q=H-2311')->assertOk();
        self::assertStringStartsWith('text/csv', (string) $csv->headers->get('Content-Type'));
        $lines = array_map(
            fn (string $line): array => str_getcsv($line, ',', '"', ''),
            array_filter(explode("\r\n", (string) $csv->getContent())),
        );
        $rows = array_map(
            fn (array $row): array => array_combine(array_map(strval(...), $lines[0]), $row),
            array_slice($lines, 1),
        );
        self::assertSame("'=27.7.a", $rows[0]['area']);
        self::assertSame(9685.0, array_sum(array_map(fn (array $row): float => (float) $row['piece_g'], $rows)));
        $json = $this->get('/api/log/trace/json?q=H-2311')->assertOk()->json('rows');
        self::assertIsArray($json);
        self::assertSame([count($rows), '=27.7.a'], [count($json), data_get($json, '0.area')]);
        $this->api('GET', '/log/trace/csv?q=nothing')->assertNotFound();
    }

    /** What of a document does not keep the rules; null when all does. */
    private static function faults(string $json): ?string
    {
        $validator = new Validator();
        $validator->resolver()?->registerPrefix('https://sectum.example/contract/', base_path('contract').'/');
        $error = $validator
            ->validate(json_decode($json), 'https://sectum.example/contract/epcis.schema.json')
            ->error();

        return $error === null
            ? null
            : (string) json_encode((new \Opis\JsonSchema\Errors\ErrorFormatter())->format($error));
    }
}
