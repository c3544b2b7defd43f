<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Fish\Fish;
use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Sectum\Gs1\Element;
use Sectum\Gs1\Scan;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\Receive\AtTheDoor;

/** Portions become trays with a date and labels. */
final class BatchTest extends AtTheDoor
{
    protected function setUp(): void
    {
        parent::setUp();
        // At noon: between midnight and the end of the kitchen's day the calendar and the house are a day apart.
        $this->travelTo(now()->setTime(12, 0));
    }

    /**
     * @param  list<string>  $grams
     * @return array{string, string, list<string>} fish, dish, portions
     */
    private function portioned(
        array $grams = ['170 g', '172 g', '168 g'],
        ?string $line = null,
        ?string $dish = null,
    ): array {
        $fish = self::id();
        $line === null ? ($fish = $this->received()) : $this->weighIn($line, '4210 g', fish: $fish)->assertOk();
        if ($line !== null) {
            Fish::query()
                ->whereKey($fish)
                ->update(['stage' => 'breakdown']);
        }
        foreach (
            ['head' => '650 g', 'frame' => '520 g', 'side-a' => '1515 g', 'side-b' => '1500 g'] as $part => $mass
        ) {
            $this->weigh($fish, $part, $mass)->assertOk();
        }
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $dish ??= $this->dish();
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $dish, 'version' => $version])->assertOk();
        foreach ($grams as $mass) {
            $this->weigh($fish, 'portion', $mass, 'portion')->assertOk();
        }

        return [
            $fish,
            $dish,
            array_values(
                array_map(strval(...), (array) $this->api('GET', "/portion/fish/{$fish}")->json('portions.*.piece')),
            ),
        ];
    }

    /**
     * @param  list<string>  $pieces
     * @return TestResponse<Response>
     */
    private function tray(string $dish, array $pieces, ?string $id = null): TestResponse
    {
        return $this->api('PUT', '/portion/batches/'.($id ?? self::id()), ['dish' => $dish, 'pieces' => $pieces]);
    }

    /** @return array<string, string> */
    private static function read(mixed $text): array
    {
        self::assertIsString($text);

        return array_column(
            array_map(
                fn (Element $element): array => [$element->identifier->ai, $element->value],
                Scan::read($text, 2026)->elements,
            ),
            1,
            0,
        );
    }

    public function test_portions_of_one_lot_become_a_tray_that_says_what_it_is(): void
    {
        [$fish, $dish, $pieces] = $this->portioned(line: $this->line('Hake', ['lot' => 'H-2511']));
        $ready = $this->api('GET', '/portion/batches')->assertOk();
        self::assertSame([$pieces, 0], [$ready->json('ready.0.pieces.*.piece'), $ready->json('ready.0.under')]);
        $tray = $this->tray($dish, $pieces)->assertOk();
        self::assertSame(
            [1, 3, '510 g', '170 g', '168 g to 172 g', ['H-2511']],
            [
                $tray->json('number'),
                $tray->json('count'),
                $tray->json('net'),
                $tray->json('mean'),
                $tray->json('range'),
                $tray->json('lots'),
            ],
        );
        self::assertStringContainsString('Boned and checked', (string) json_encode($tray->json('bones')));
        self::assertStringContainsString('Check your local code', (string) json_encode($tray->json('why_then')));
        self::assertStringNotContainsString('boneless', strtolower((string) json_encode($tray->json())));
        $elements = self::read($tray->json('tray_label.read'));
        self::assertSame(['3', '000510', 'H-2511'], [$elements['37'], $elements['3103'], $elements['10']]);
        self::assertArrayHasKey('02', $elements);
        self::assertArrayHasKey('17', $elements);
        self::assertSame('000170', self::read($tray->json('each_label.link'))['3103']);
        self::assertSame([], $this->api('GET', '/portion/batches')->json('ready'));
        self::assertTrue(
            DB::table('activity_log')
                ->where('subject_id', $fish)
                ->where('description', 'Head put 3 portions for Dish 170 on tray 1.')
                ->exists(),
        );
    }

    public function test_two_lots_on_one_tray_go_by_the_trays_own_number(): void
    {
        [, $dish, $first] = $this->portioned(['170 g'], $this->line('Hake', ['lot' => 'H-1']));
        [, , $second] = $this->portioned(['171 g'], $this->line('Hake', ['lot' => 'H-2']), $dish);
        $tray = $this->tray($dish, [...$first, ...$second])->assertOk();
        self::assertSame(['H-1', 'H-2'], $tray->json('lots'));
        self::assertSame('T-1', self::read($tray->json('tray_label.read'))['10']);
        self::assertSame('H-1, H-2', $tray->json('tray_label.lots'));
        self::assertSame('H-1', self::read($tray->json('each_label.read'))['10']);
    }

    public function test_labels_are_printed_once_and_kept(): void
    {
        [, $dish, $pieces] = $this->portioned();
        $batch = self::id();
        $this->tray($dish, $pieces, $batch)->assertOk();
        $job = self::id();
        $this->api('PUT', "/portion/batches/{$batch}/labels/{$job}", ['for' => 'tray'])->assertOk();
        $this->api('PUT', "/portion/batches/{$batch}/labels/{$job}", ['for' => 'tray'])->assertOk();
        $tray = $this->api('PUT', "/portion/batches/{$batch}/labels/".self::id(), ['for' => 'each'])->assertOk();
        self::assertEqualsCanonicalizing([1, 3], (array) $tray->json('printed.*.labels'));
        self::assertCount(2, (array) $this->api('GET', '/printer')->json('printed'));
        $pdf = $this->get("/api/printer/{$job}")->assertOk();
        self::assertSame('application/pdf', $pdf->headers->get('Content-Type'));
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        self::assertSame(1, preg_match_all('#/Type /Page\b#', (string) $pdf->getContent()));
        foreach (['es' => 'raciones', 'fr' => 'portions'] as $language => $said) {
            $this->api('PUT', '/me/language', ['language' => $language])->assertOk();
            $this->api('PUT', "/portion/batches/{$batch}/labels/".($job = self::id()), ['for' => 'tray'])->assertOk();
            $text = self::printed((string) $this->get("/api/printer/{$job}")->assertOk()->getContent());
            self::assertNothingEnglish($text);
            self::assertStringContainsString(", 3 {$said}", $text);
        }
        $this->api('GET', '/printer/'.self::id())->assertNotFound();
        $this->expectExceptionMessage('printed are only ever added to');
        DB::table('printed')->delete();
    }

    public function test_only_what_was_cut_for_it_and_lies_nowhere_else_goes_on_a_tray(): void
    {
        [, $dish, $pieces] = $this->portioned(['170 g', '172 g', '150 g']);
        self::assertSame(1, $this->api('GET', '/portion/batches')->json('ready.0.under'));
        $other = $this->dish(140);
        $this->tray($other, [$pieces[0]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pieces/0');
        $this->tray($dish, [$pieces[0], self::id()])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pieces/1');
        $this->tray($dish, [])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/pieces');
        $this->tray(self::id(), $pieces)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/dish');
        self::assertSame(0, DB::table('batches')->count());
        $batch = self::id();
        $this->tray($dish, [$pieces[0]], $batch)->assertOk();
        $this->tray($dish, [$pieces[0]], $batch)->assertOk();
        $this->tray($dish, [$pieces[1]], $batch)->assertConflict();
        $this->tray($dish, $pieces)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.detail', 'Portion 1 lies on a tray already.');
    }

    public function test_a_tray_never_outlives_its_fish_and_raw_service_needs_its_paper(): void
    {
        [$fish, $dish, $pieces] = $this->portioned();
        Fish::query()
            ->whereKey($fish)
            ->update([
                'keeps_until' => now()
                    ->subDay()
                    ->format(DATE_ATOM),
            ]);
        $this->tray($dish, $pieces)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/pieces');
        Fish::query()
            ->whereKey($fish)
            ->update(['keeps_until' => now()->format(DATE_ATOM)]);
        Dish::query()
            ->whereKey($dish)
            ->update(['service' => 'raw']);
        $answer = $this->tray($dish, $pieces)->assertStatus(422);
        self::assertStringContainsString(
            'does not meet FDA Food Code 3-402.11',
            (string) json_encode($answer->json('detail')),
        );
        Dish::query()
            ->whereKey($dish)
            ->update(['service' => 'cooked']);
        $tray = $this->tray($dish, $pieces)->assertOk();
        self::assertSame(now()->format('l j F'), $tray->json('use_by'));
        self::assertSame(
            'The fish itself ends then. Check your local code and your food-safety plan.',
            $tray->json('why_then'),
        );
    }

    public function test_the_days_count_from_the_cut_and_not_from_the_tray(): void
    {
        [$fish, $dish, $pieces] = $this->portioned();
        $this->api('PUT', "/hold/out/{$fish}/moved/".self::id(), ['back' => true])->assertOk();
        $this->travel(1)->days();
        $tray = $this->tray($dish, [$pieces[0]])->assertOk();
        self::assertSame(now()->format('l j F'), $tray->json('use_by'));
        self::assertSame(
            'House rule: raw portions 2 days, counting the day they were cut. Check your local code and your '.
                'food-safety plan.',
            $tray->json('why_then'),
        );
        $this->travel(1)->days();
        $this->tray($dish, [$pieces[1]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pieces');
    }

    public function test_pieces_cut_by_a_plan_say_how_evenly_they_cook(): void
    {
        [$fish, $dish] = $this->portioned([]);
        $side = $this->api('GET', "/portion/fish/{$fish}")->json('sources.0.piece');
        self::assertIsString($side);
        $this->api('PUT', "/portion/fish/{$fish}/fillets/{$side}", [
            'kinds' => [['dish' => $dish]],
            'square' => '40 g',
        ])->assertOk();
        foreach (
            [
                [1.6, 'ends', '40 g'],
                [7.1, 'portion', '170 g'],
                [11.8, 'portion', '171 g'],
                [48.0, 'portion', '1060 g'],
            ] as [$to, $part, $grams]
        ) {
            $this->api('PUT', "/portion/fish/{$fish}/readings/".self::id(), [
                'part' => $part,
                'from' => $side,
                'to_cm' => $to,
                'weight' => ['typed' => $grams],
            ])->assertOk();
        }
        $pieces = array_values(
            array_map(strval(...), (array) $this->api('GET', "/portion/fish/{$fish}")->json('portions.*.piece')),
        );
        $tray = $this->tray($dish, $pieces)->assertOk();
        self::assertSame(3, $tray->json('cooking.known'));
        self::assertSame(100, $tray->json('cooking.groups.0.time'));
        self::assertSame('Portion 3', $tray->json('cooking.warned.0.name'));
        self::assertMatchesRegularExpression(
            '/runs from \d+ to \d+ mm: (roll it|fold the thin end)/',
            (string) json_encode($tray->json('cooking.warned.0.advice')),
        );
    }
}
