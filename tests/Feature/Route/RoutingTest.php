<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Fish\Fish;
use App\Kitchen\Settings;
use App\Route\Recipes\Recipe;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Receive\AtTheDoor;

/** The reasons a screen gives for a bin, from the fish as it really came. */
final class RoutingTest extends AtTheDoor
{
    /**
     * A fish off a line, cut to parts and at the routing screen.
     *
     * @param  array<string, string>  $parts
     * @param  array<string, mixed>  $line
     */
    private function cut(string $species, array $parts, array $line = [], string $whole = '2100 g'): string
    {
        $fish = self::id();
        $this->weighIn($this->line($species, $line), $whole, fish: $fish)->assertOk();
        Fish::query()
            ->whereKey($fish)
            ->update(['stage' => 'breakdown']);
        foreach ($parts as $part => $grams) {
            $this->weigh($fish, $part, $grams)->assertOk();
        }
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $this->done($fish, 'portion')->assertOk();

        return $fish;
    }

    /** @return array<string, mixed> */
    private function row(string $fish, string $part): array
    {
        $row = collect(
            (array) $this->api('GET', "/route/fish/{$fish}")
                ->assertOk()
                ->json('rows'),
        )->firstWhere('part', $part);
        self::assertIsArray($row, $part);

        return $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function option(array $row, string $bin): array
    {
        $option = collect((array) $row['options'])->firstWhere('bin', $bin);
        self::assertIsArray($option, $bin);

        return $option;
    }

    public function test_farmed_trim_goes_to_tartare_with_its_papers_and_to_mince_without(): void
    {
        $parts = ['head' => '300 g', 'trim' => '140 g'];
        $open = $this->row($this->cut('Arctic char', $parts, ['proof' => 'farmed feed']), 'trim');
        self::assertSame(['tartare', true], [$open['bin'], self::option($open, 'tartare')['allowed']]);
        self::assertStringContainsString('ice', strval($open['prepare']));
        $closed = $this->row($this->cut('Arctic char', $parts), 'trim');
        self::assertSame(['mince', false], [$closed['bin'], self::option($closed, 'tartare')['allowed']]);
        self::assertStringContainsString(
            'does not meet FDA Food Code 3-402.11',
            strval(self::option($closed, 'tartare')['why']),
        );
        self::assertStringContainsString('Check your local code', strval(self::option($closed, 'cure')['why']));
    }

    public function test_a_fish_that_is_not_bright_any_more_is_not_served_raw(): void
    {
        $fish = $this->cut('Arctic char', ['trim' => '140 g'], ['proof' => 'farmed feed']);
        Fish::query()
            ->whereKey($fish)
            ->update([
                'raw_until' => now()
                    ->subHour()
                    ->format(DATE_ATOM),
            ]);
        $row = $this->row($fish, 'trim');
        self::assertSame('mince', $row['bin']);
        self::assertStringContainsString('not bright enough', strval(self::option($row, 'tartare')['why']));
    }

    public function test_a_skin_is_crisped_once_it_is_scaled(): void
    {
        $unsaid = $this->row($this->cut('Hake', ['skin' => '160 g']), 'skin');
        self::assertSame('crisp', $unsaid['bin']);
        self::assertStringContainsString('rub it against the grain first', strval($unsaid['prepare']));
        $weighed = $this->row($this->cut('Hake', ['skin' => '160 g', 'scales' => '30 g']), 'skin');
        self::assertStringNotContainsString('rub it', strval($weighed['prepare']));
        $fish = $this->cut('Hake', ['skin' => '160 g']);
        Fish::query()
            ->whereKey($fish)
            ->update(['choices' => json_encode(['scales' => 'left'])]);
        $left = $this->row($fish, 'skin');
        self::assertSame(
            ['stock', false, 'Its scales are still on.'],
            [$left['bin'], self::option($left, 'crisp')['allowed'], self::option($left, 'crisp')['why']],
        );
    }

    public function test_the_head_chef_reads_what_a_kilo_is_worth_and_a_cutter_does_not(): void
    {
        $fish = $this->cut('Hake', ['head' => '300 g']);
        $rate = fn (): mixed => self::option($this->row($fish, 'head'), 'stock')['rate'];
        self::assertSame('€1.20 per kg', $rate());
        $this->api('PUT', '/me/units', ['units' => 'us'])->assertOk();
        self::assertSame('€0.54 per lb', $rate(), '1.20 × 0.45359237');
        $this->actingAs($this->cutter);
        self::assertNull($rate());
    }

    public function test_a_batch_that_waits_for_just_this_piece_is_said_and_a_full_bin_stands_back(): void
    {
        DB::table('bins')
            ->where('bin', 'stock')
            ->update(['batch_mg' => 500_000]);
        $this->done($this->cut('Hake', ['head' => '350 g']), 'route')->assertOk();
        $second = $this->cut('Hake', ['frame' => '200 g']);
        self::assertStringContainsString(
            'With it there is enough for a batch.',
            strval($this->row($second, 'frame')['why']),
        );
        DB::table('bins')
            ->where('bin', 'stock')
            ->update(['room_mg' => 400_000]);
        $row = $this->row($second, 'frame');
        self::assertSame('soup', $row['bin']);
        self::assertStringContainsString('There is no room for it now.', strval(self::option($row, 'stock')['why']));
    }

    public function test_at_the_cost_screen_a_part_still_moves_from_bin_to_bin_with_its_weight(): void
    {
        $fish = $this->cut('Hake', ['head' => '350 g', 'frame' => '200 g']);
        $this->done($fish, 'route')->assertOk();
        $head = $this->row($fish, 'head');
        $version = $this->api('GET', "/route/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$head['piece']}", [
            'bin' => 'grill',
            'version' => $version,
        ])->assertOk();
        $at = fn (string $bin): mixed => $this->api('GET', "/route/bins/{$bin}")->json('mass.mg');
        self::assertSame([200_000, 350_000], [$at('stock'), $at('grill')]);
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$head['piece']}", [
            'bin' => 'discard',
            'version' => $this->api('GET', "/route/fish/{$fish}")->json('fish.version'),
        ])->assertOk();
        self::assertSame([200_000, 0], [$at('stock'), $at('grill')]);
        self::assertSame(
            ['correction', 'correction'],
            DB::table('bin_withdrawals')->orderBy('id')->pluck('how')->all(),
        );
    }

    public function test_a_recall_follows_the_bones_into_the_pot(): void
    {
        $fish = $this->cut('Hake', ['head' => '350 g', 'frame' => '200 g', 'scales' => '40 g'], ['lot' => 'H-2511']);
        $this->done($fish, 'route')->assertOk();
        $making = self::id();
        $this->api('PUT', "/route/batches/{$making}", [
            'recipe' => Recipe::query()->where('name', 'White stock')->firstOrFail()->id,
            'weight' => ['typed' => '400 g'],
        ])
            ->assertOk()
            ->assertJsonPath('went.0.lot', 'H-2511');
        $tub = $this->api('GET', '/route/bins/stock')->json('deposits.0.id');
        $this->api('PUT', '/route/bins/stock/out/'.self::id(), [
            'how' => 'discard',
            'reason' => 'recalled',
            'deposit' => $tub,
            'weight' => ['typed' => '100 g'],
        ])->assertOk();
        $places = (array) $this->api('GET', '/log/recall?q=H-2511')->assertOk()->json('places.*.name');
        self::assertContains('Batch 1: White stock', $places);
        self::assertContains('Bin: White stock; Batch 1: White stock; Thrown away', $places);
        self::assertContains('Bin: Discard', $places);
    }

    public function test_a_stock_too_large_for_the_pots_says_so_and_units_are_the_cooks(): void
    {
        Settings::store(['pots_l' => '1'], null);
        $this->done($this->cut('Hake', ['head' => '650 g', 'frame' => '500 g']), 'route')->assertOk();
        $stock = Recipe::query()->where('name', 'White stock')->firstOrFail()->id;
        $plan = $this->api('POST', "/route/recipes/{$stock}/plan", ['mass' => '1150 g'])->assertOk();
        self::assertStringContainsString('fit into no pot', strval($plan->json('plan.over')));
        $this->api('POST', "/route/recipes/{$stock}/plan", ['mass' => '-2 kg'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/mass');
        $this->api('PUT', '/me/units', ['units' => 'us'])->assertOk();
        $us = $this->api('POST', "/route/recipes/{$stock}/plan", ['mass' => '2 lb 8 oz'])->assertOk();
        self::assertSame(['2 lb 8.0 oz', '1.4 qt'], [$us->json('mass.text'), $us->json('plan.amounts.0.amount')]);
        self::assertStringContainsString('lb', strval($this->api('GET', '/route/bins/stock')->json('mass.text')));
    }

    public function test_what_was_begun_cannot_be_begun_again_with_something_else(): void
    {
        $this->done($this->cut('Hake', ['head' => '650 g', 'frame' => '500 g']), 'route')->assertOk();
        $making = self::id();
        $recipe = fn (string $name): string => Recipe::query()->where('name', $name)->firstOrFail()->id;
        $this->api('PUT', "/route/batches/{$making}", [
            'recipe' => $recipe('White stock'),
            'weight' => ['typed' => '600 g'],
        ])->assertOk();
        $this->api('PUT', "/route/batches/{$making}", [
            'recipe' => $recipe('Lightly roasted stock'),
            'weight' => ['typed' => '600 g'],
        ])->assertConflict();
        $this->api('PUT', '/route/batches/'.self::id(), [
            'recipe' => $recipe('White stock'),
            'weight' => [],
        ])->assertStatus(422);
        $this->api('PUT', '/route/batches/'.self::id(), ['recipe' => self::id(), 'weight' => ['typed' => '1 g']])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/recipe');
        self::assertSame(1, DB::table('makings')->count());
        $this->api('PUT', "/route/batches/{$making}/gone", ['how' => 'used', 'version' => 1])->assertOk();
        $this->api('PUT', "/route/batches/{$making}/gone", [
            'how' => 'discarded',
            'reason' => 'soured',
            'version' => 2,
        ])->assertConflict();
    }
}
