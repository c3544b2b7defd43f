<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use Illuminate\Support\Carbon;
use Tests\TestCase;

final class LogTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    public function test_a_closed_fish_keeps_its_sheet_and_takes_no_more_readings(): void
    {
        $fish = $this->routed();
        $this->done($fish, 'cost')->assertOk()->assertJsonPath('fish.stage', 'log');
        $this->weigh($fish, 'head', '10 g')->assertConflict();
        $sheet = $this->api('GET', "/log/fish/{$fish}")->assertOk();
        self::assertSame(5, $sheet->json('tally.count'));
        $history = implode("\n", (array) $sheet->json('history.*.what'));
        foreach (
            [
                'Head received it from Harbourgate Fish, 4210 g, gutted.',
                'Head weighed Frame: 520 g, typed as "520 g".',
                'Head finished Route.',
                'Head finished Cost.',
            ] as $line
        ) {
            self::assertStringContainsString($line, $history);
        }
        self::assertNotNull($sheet->json('cost.edible_per_kg'));
        $this->actingAs($this->cutter);
        $this->api('GET', "/log/fish/{$fish}")->assertJsonPath('cost', null);
    }

    public function test_weighed_and_adjusted_are_told_apart_and_what_happened_stands_in_order(): void
    {
        Carbon::setTestNow('2026-11-26T12:00:00Z');
        $fish = $this->received('3200 g');
        $this->weigh($fish, 'head', '500 g')->assertOk();
        $this->weigh($fish, 'frame', '690 g')->assertOk();
        $this->weigh($fish, 'side-a', '1000 g')->assertOk();
        // The clock is set back; what came later stands later all the same.
        Carbon::setTestNow('2026-11-26T11:00:00Z');
        $this->weigh($fish, 'side-b', '990 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $sheet = $this->api('GET', "/log/fish/{$fish}")->assertOk();
        $ladder = collect((array) $sheet->json('ladder'))->keyBy('rung');
        self::assertSame('3200 g', data_get($ladder, 'as bought.weighed'), 'as the title has it');
        self::assertSame('1990 g', data_get($ladder, 'fillets.weighed'), 'the sum of what the scale said');
        $history = (array) $sheet->json('history.*.what');
        $at = fn (string $part): int => (int) array_key_first(
            array_filter($history, fn (mixed $line): bool => str_contains(strval($line), $part)),
        );
        self::assertLessThan($at('weighed Side B'), $at('weighed Side A'));
        self::assertLessThan($at('finished Break down'), $at('weighed Side B'));
        Carbon::setTestNow();
    }

    public function test_the_log_is_searched_by_name_supplier_and_number(): void
    {
        $this->received('2 kg');
        $this->received('1 kg', ['species' => $this->species('Zander'), 'supplier' => 'Lakeside 20%']);
        $found = fn (string $q): array => (array) $this->api('GET', '/log?q='.urlencode($q))->json(
            'fish.*.fish.number',
        );
        self::assertSame([2, 1], $found(''));
        self::assertSame([2], $found('zand'));
        self::assertSame([1], $found('1'));
        self::assertSame([2], $found('20%'));
        self::assertSame([], $found('%'.'%'));
        self::assertSame([], $found("' or 1=1 --"));
    }

    public function test_the_log_turns_its_pages(): void
    {
        for ($i = 0; $i < 13; $i++) {
            $this->received(1000 + $i.' g');
        }
        $this->api('GET', '/log')->assertJsonPath('pages', 2)->assertJsonPath('fish.0.fish.number', 13);
        $this->api('GET', '/log?page=2')->assertJsonCount(1, 'fish')->assertJsonPath('fish.0.fish.number', 1);
        $this->api('GET', '/log?page=-4')->assertJsonPath('page', 1);
    }
}
