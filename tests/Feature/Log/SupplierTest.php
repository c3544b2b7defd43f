<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Fish\Supplier;
use App\Log\Ledger\LoggedFish;
use Tests\AsksAtMost;

final class SupplierTest extends LogKitchen
{
    use AsksAtMost;

    private function supplier(string $name): string
    {
        return Supplier::query()->where('name', $name)->firstOrFail()->id;
    }

    public function test_the_true_cost_of_an_edible_kilo_and_the_price_at_which_one_wins(): void
    {
        for ($i = 0; $i < 24; $i++) {
            $second = $i % 2 === 0;
            $this->logged(
                ['cost_minor' => (int) round(2780 * ($second ? 1.08 : 1.0) * (1 + 0.01 * sin(5 * $i)))],
                $second ? ['supplier' => 'Second Boats'] : [],
            );
        }
        $all = $this->api('GET', '/log/suppliers')->assertOk();
        self::assertSame(['Harbourgate Fish', 'Second Boats'], $all->json('suppliers.*.name'));
        self::assertLessThan(0, $all->json('suppliers.0.cost.high'));
        $one = $this->api('GET', "/log/suppliers/{$this->supplier('Second Boats')}")->assertOk();
        self::assertEqualsWithDelta(7.7, $one->json('beside.0.pct'), 0.6, 'a hundred times the logarithm of 1.08');
        self::assertLessThan(0.02, $one->json('beside.0.better'));
        // 2000 g at 13.90 are 27.80 and cost 30.02 here: 27.80 is reached by paying 2.22 less for two kilos.
        $wins = (float) substr((string) $one->json('beside.0.wins_at.0.wins.amount'), strlen('€'));
        self::assertEqualsWithDelta(13.90 - 1.11, $wins, 0.12);
        $other = $this->api('GET', "/log/suppliers/{$this->supplier('Harbourgate Fish')}")->assertOk();
        $other->assertJsonPath('beside.0.wins_at', []);
        $this->paper("/log/suppliers/{$this->supplier('Second Boats')}/year.pdf");
        $this->api('GET', '/log/suppliers/'.self::id())->assertNotFound();
    }

    public function test_who_is_alone_with_his_fish_is_compared_with_nobody(): void
    {
        for ($i = 0; $i < 6; $i++) {
            $this->logged();
        }
        LoggedFish::query()->update(['cost_minor' => 3000]);
        $this->api('GET', '/log/suppliers')
            ->assertOk()
            ->assertJsonPath('suppliers.0.cost', null)
            ->assertJsonPath('suppliers.0.fish', 6);
        $this->assertAsksAtMost(20, fn () => $this->api('GET', '/log/suppliers')->assertOk());
    }

    public function test_a_house_with_nothing(): void
    {
        $this->api('GET', '/log/suppliers')->assertOk()->assertJsonPath('suppliers', []);
        $this->api('GET', '/log/season')->assertOk()->assertJsonPath('species', []);
        $this->api('GET', '/log/cutters')->assertOk()->assertJsonPath('cutters', []);
        $this->api('GET', '/log/drift')->assertOk()->assertJsonPath('charts.0.points', []);
    }

    public function test_the_season_says_what_is_cheaper_and_yields_more(): void
    {
        foreach (['2025-12-03', '2026-06-10'] as $day) {
            for ($i = 0; $i < 4; $i++) {
                $this->logged(
                    ['received_on' => $day, 'yield_pct' => $day < '2026' ? 59.0 : 56.0],
                    ['price_per_kg' => $day < '2026' ? '11.00' : '15.00'],
                );
            }
        }
        $hake = collect((array) $this->api('GET', '/log/season')->assertOk()->json('species'))
            ->firstWhere('name', 'Hake');
        self::assertSame('December', $this->api('GET', '/log/season')->json('next'));
        self::assertContains('cheaper', (array) data_get($hake, 'reasons'));
        self::assertContains('yields-more', (array) data_get($hake, 'reasons'));
        self::assertSame(4, data_get($hake, 'months.11.fish'));
        self::assertEqualsWithDelta(2.0, data_get($hake, 'months.11.own'), 0.01);
        self::assertSame(0, data_get($hake, 'months.0.fish'));
    }
}
