<?php

declare(strict_types=1);

namespace Tests\Feature\Cost;

use Tests\TestCase;

final class RouteAndCostTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    public function test_every_line_of_the_walk_adds_up_to_the_portions(): void
    {
        $fish = $this->routed();
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $bench = $this->api('PUT', "/cost/fish/{$fish}", [
            'version' => $version,
            'delivery' => '2.50',
            'labour_minutes' => 14,
        ])->assertOk();
        /** @var list<array{kind: string, minor: int}> $walk */
        $walk = $bench->json('walk');
        $net = array_pop($walk);
        self::assertSame('net', $net['kind']);
        self::assertSame($net['minor'], array_sum(array_column($walk, 'minor')));
        // Head 650 g and frame 520 g to stock at 1.20, the tail end 140 g to mince at 9.00; side A was never cut: 1515
        // g of mince.
        self::assertSame([5852, 250, -78, -62, -1364, -126, 434], array_column($walk, 'minor'));
        $each = (array) $bench->json('products.0.each.*.amount');
        $minor = array_sum(
            array_map(
                fn (mixed $amount): int => (int) round(
                    100 * (float) str_replace('€', '', is_string($amount) ? $amount : ''),
                ),
                $each,
            ),
        );
        self::assertSame($net['minor'], $minor);
        self::assertCount(5, $each);
        self::assertNotNull($bench->json('plate.cost_pct'));
    }

    public function test_what_is_given_away_costs_the_same_on_the_board_and_on_the_cost_page(): void
    {
        $fish = $this->routed();
        $this->api('PUT', "/cost/fish/{$fish}", [
            'version' => $this->api('GET', "/cost/fish/{$fish}")->json('fish.version'),
            'delivery' => '7.50',
            'labour_minutes' => 22,
        ])->assertOk();
        $board = $this->api('GET', "/portion/fish/{$fish}");
        $lines = collect((array) $this->api('GET', "/cost/fish/{$fish}")->json('products.0.lines'))->keyBy('kind');
        self::assertNotNull($board->json('tally.given_away_cost'));
        self::assertSame($lines['over']['amount'], $board->json('tally.given_away_cost'));
        // The one portion above its band carries its own share of it.
        $over = collect((array) $board->json('portions'))->where('placed', 'over');
        self::assertCount(1, $over);
        self::assertNotNull($over->first()['given_away']);
    }

    public function test_what_still_lies_on_the_board_carries_its_share_while_the_fish_is_portioned(): void
    {
        $fish = $this->received();
        $this->weigh($fish, 'side-a', '1515 g');
        $this->boned($fish);
        $this->done($fish, 'breakdown');
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $this->dish(), 'version' => $version]);
        $board = $this->weigh($fish, 'portion', '185 g', 'portion');
        // 15 g of 1515 g that carry a fish of 4210 g at 13.90: not 15 g of the one portion cut so far.
        self::assertSame('€0.58', $board->json('portions.0.given_away'));
    }

    public function test_a_cutter_sees_no_price_anywhere(): void
    {
        $fish = $this->routed();
        $this->actingAs($this->cutter);
        foreach (['/cost', "/cost/fish/{$fish}"] as $path) {
            $this->api('GET', $path)->assertForbidden();
        }
        $this->api('PUT', "/cost/fish/{$fish}", ['version' => 1, 'price_per_kg' => '1'])->assertForbidden();
        $this->api('PUT', "/cost/fish/{$fish}/done", ['version' => 1])->assertForbidden();
        foreach (
            [
                "/breakdown/fish/{$fish}",
                "/portion/fish/{$fish}",
                "/route/fish/{$fish}",
                "/log/fish/{$fish}",
                '/log',
                '/receive',
                '/kitchen',
            ] as $path
        ) {
            $answer = $this->api('GET', $path)->assertOk();
            self::assertStringNotContainsString('13.90', (string) $answer->getContent());
            self::assertDoesNotMatchRegularExpression(
                '/"(price\w*|\w*minor|walk)":\s*[^n]/',
                (string) $answer->getContent(),
                $path,
            );
        }
    }

    public function test_a_light_portion_can_go_to_a_bin_and_back(): void
    {
        $fish = $this->received();
        $this->weigh($fish, 'fillets', '400 g');
        $this->boned($fish);
        $this->done($fish, 'breakdown');
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $this->dish(), 'version' => $version]);
        $this->weigh($fish, 'portion', '170 g', 'portion');
        $this->weigh($fish, 'portion', '120 g', 'portion');
        $this->done($fish, 'portion');
        $bench = $this->api('GET', "/route/fish/{$fish}");
        $row = collect((array) $bench->json('rows'))->firstWhere('name', 'Portion 2');
        self::assertTrue($row['may_be_served']);
        $path = "/route/fish/{$fish}/pieces/{$row['piece']}";
        $sent = $this->api('PUT', $path, ['bin' => 'mince', 'version' => $bench->json('fish.version')])->assertOk();
        self::assertSame(120_000, collect((array) $sent->json('bins'))->firstWhere('bin', 'mince')['mass']['mg']);
        $this->api('PUT', $path, ['bin' => null, 'version' => $sent->json('fish.version')])->assertOk();
    }

    public function test_forbidden_bins_stay_forbidden_and_stale_screens_are_told(): void
    {
        $fish = $this->received('900 g', ['species' => $this->species('Arctic char')]);
        $this->weigh($fish, 'frame', '120 g');
        $bench = $this->weigh($fish, 'side-a', '300 g');
        $frame = collect((array) $bench->json('pieces'))->firstWhere('part', 'frame')['piece'];
        $this->boned($fish);
        $this->done($fish, 'breakdown');
        $this->done($fish, 'portion');
        $route = $this->api('GET', "/route/fish/{$fish}")->assertOk();
        self::assertSame('soup', collect((array) $route->json('rows'))->firstWhere('piece', $frame)['bin']);
        $version = $route->json('fish.version');
        self::assertIsInt($version);
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$frame}", ['bin' => 'stock', 'version' => $version])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/bin');
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$frame}", [
            'bin' => 'discard',
            'version' => $version - 1,
        ])->assertConflict();
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$frame}", [
            'bin' => 'freezer',
            'version' => $version,
        ])->assertStatus(422);
        $discarded = $this->api('PUT', "/route/fish/{$fish}/pieces/{$frame}", [
            'bin' => 'discard',
            'version' => $version,
        ])->assertOk();
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$frame}", [
            'bin' => null,
            'version' => $discarded->json('fish.version'),
        ])->assertStatus(422);
    }

    public function test_a_fish_without_price_or_portions_says_what_is_missing(): void
    {
        $this->actingAs($this->cutter);
        $fish = self::id();
        $this->api('PUT', "/receive/fish/{$fish}", [
            'reading' => self::id(),
            'species' => $this->species('Hake'),
            'supplier' => 'S',
            'state' => 'gutted',
            'weight' => ['typed' => '2 kg'],
        ]);
        $this->weigh($fish, 'fillets', '1200 g');
        $this->actingAs($this->chef);
        foreach (['breakdown', 'portion', 'route'] as $stage) {
            $this->done($fish, $stage)->assertOk();
        }
        $this->api('GET', "/cost/fish/{$fish}")->assertJsonPath('missing', 'This fish has no price yet.');
        $this->done($fish, 'cost')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/price_per_kg');
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/cost/fish/{$fish}", ['version' => $version, 'price_per_kg' => '9'])->assertJsonPath(
            'missing',
            'Nothing has been cut to portions yet, so there is nothing to carry the cost.',
        );
        $this->api('PUT', "/cost/fish/{$fish}", ['version' => $version, 'price_per_kg' => '9'])->assertConflict();
        $this->done($fish, 'cost')->assertOk();
    }
}
