<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Log\Ledger\LoggedFish;

final class EffectsTest extends LogKitchen
{
    /** @return array<string, mixed> */
    private function factor(string $name): array
    {
        foreach ((array) $this->api('GET', '/log/effects')->assertOk()->json('factors') as $factor) {
            if (is_array($factor) && $factor['factor'] === $name) {
                /** @var array<string, mixed> $factor */
                return $factor;
            }
        }

        return [];
    }

    public function test_hand_and_supplier_are_told_apart_with_what_they_are_worth(): void
    {
        $this->told();
        $hands = $this->factor('cutter');
        self::assertSame(['Cutter', 'Head'], array_column((array) $hands['levels'], 'name'));
        self::assertEqualsWithDelta(1.0, data_get($hands, 'levels.0.pct'), 0.25);
        self::assertGreaterThan(0, data_get($hands, 'levels.0.low'));
        self::assertSame('Cutter', data_get($hands, 'best.name'));
        // All fish as the better half: one point on the kilos of a year, at the cost of an edible kilo.
        self::assertEqualsWithDelta(
            data_get($hands, 'best.pct') / 100 * $this->api('GET', '/log/effects')->json('kilos') * 27.80,
            data_get($hands, 'best.money.minor') / 100,
            6,
        );
        $suppliers = $this->factor('supplier');
        self::assertSame('Harbourgate Fish', data_get($suppliers, 'levels.0.name'));
        $pair = $this->api('GET', "/log/effects/pair?factor=cutter&a={$this->cutter->id}&b={$this->chef->id}")
            ->assertOk();
        self::assertEqualsWithDelta(2.0, $pair->json('pct'), 0.3);
        self::assertGreaterThan(0.95, $pair->json('above'));
    }

    public function test_a_level_alone_with_its_kind_is_told_from_nothing(): void
    {
        $this->told(8);
        LoggedFish::query()->update(['method' => 'round-two']);
        $shown = $this->api('GET', '/log/effects')->assertOk();
        self::assertContains('method', (array) $shown->json('alone.*.factor'));
        self::assertNotContains('method', (array) $shown->json('factors.*.factor'));
        $this->api('GET', '/log/effects/pair?factor=method&a=round-two&b=x')->assertNotFound();
    }

    public function test_identical_yields_show_nothing_and_claim_nothing(): void
    {
        $this->told(8);
        LoggedFish::query()->update(['yield_pct' => 57.0]);
        foreach ((array) $this->api('GET', '/log/effects')->assertOk()->json('factors') as $factor) {
            self::assertTrue(data_get($factor, 'nothing'));
            self::assertNull(data_get($factor, 'best'));
        }
    }

    public function test_one_record_and_none(): void
    {
        $this->api('GET', '/log/effects')->assertOk()->assertJsonPath('factors', [])->assertJsonPath('fish', 0);
        $this->logged();
        $this->api('GET', '/log/effects')->assertOk()->assertJsonPath('factors', [])->assertJsonPath('fish', 1);
    }

    public function test_what_changes_is_told_anew(): void
    {
        $this->told(8);
        $before = data_get($this->factor('cutter'), 'levels.0.pct');
        LoggedFish::query()
            ->where('cutter_id', $this->cutter->id)
            ->update(['yield_pct' => 50.0, 'entered_at' => '2026-11-26T13:00:00.000Z']);
        self::assertNotSame($before, data_get($this->factor('cutter'), 'levels.0.pct'));
        self::assertSame('Head', data_get($this->factor('cutter'), 'levels.0.name'));
    }
}
