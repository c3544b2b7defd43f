<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

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
        foreach (['Head received it from Harbourgate Fish, 4210 g, gutted.', 'Head weighed Frame: 520 g, typed as "520 g".', 'Head finished Route.', 'Head finished Cost.'] as $line) {
            self::assertStringContainsString($line, $history);
        }
        self::assertNotNull($sheet->json('cost.edible_per_kg'));
        $this->actingAs($this->cutter);
        $this->api('GET', "/log/fish/{$fish}")->assertJsonPath('cost', null);
    }

    public function test_the_log_is_searched_by_name_supplier_and_number(): void
    {
        $this->received('2 kg');
        $this->received('1 kg', ['species' => $this->species('Zander'), 'supplier' => 'Lakeside 20%']);
        $found = fn (string $q): array => (array) $this->api('GET', '/log?q='.urlencode($q))->json('fish.*.fish.number');
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
            $this->received((1000 + $i).' g');
        }
        $this->api('GET', '/log')->assertJsonPath('pages', 2)->assertJsonPath('fish.0.fish.number', 13);
        $this->api('GET', '/log?page=2')->assertJsonCount(1, 'fish')->assertJsonPath('fish.0.fish.number', 1);
        $this->api('GET', '/log?page=-4')->assertJsonPath('page', 1);
    }
}
