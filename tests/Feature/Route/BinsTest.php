<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Fish\Fish;
use App\Kitchen\Settings;
use App\Route\Recipes\Recipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Trim goes into bins, out of them, and becomes batches. */
final class BinsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        Carbon::setTestNow('2026-03-02 10:00');
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function out(string $bin, string $typed, array $what, ?string $act = null): TestResponse
    {
        return $this->api('PUT', "/route/bins/{$bin}/out/".($act ?? self::id()), [
            'weight' => ['typed' => $typed],
            ...$what,
        ]);
    }

    /** @return array<mixed> */
    private function bin(string $bin): array
    {
        return (array) $this->api('GET', "/route/bins/{$bin}")
            ->assertOk()
            ->json();
    }

    private function recipe(string $name): string
    {
        return Recipe::query()->where('name', $name)->firstOrFail()->id;
    }

    /** Mass in bins, and what left them by how, milligrams. */
    private function conserved(): void
    {
        $in =
            DB::table('bin_deposits')->whereNull('from_id')->sum('mass_mg') +
            DB::table('bin_deposits')->whereNotNull('from_id')->sum('mass_mg');
        $out = DB::table('bin_withdrawals')->sum('mass_mg');
        $shown = 0;
        foreach ((array) $this->api('GET', '/route/bins')->json('bins.*.mass.mg') as $mg) {
            $shown += is_int($mg) ? $mg : 0;
        }
        self::assertSame((int) $in - (int) $out, $shown);
    }

    public function test_what_is_routed_lies_in_its_bin_with_lot_date_and_maker(): void
    {
        $fish = $this->routed();
        $stock = $this->bin('stock');
        self::assertSame([1_170_000, 2], [data_get($stock, 'mass.mg'), count((array) $stock['deposits'])]);
        self::assertSame(
            ['Head', 'Hake', '650 g', 'tomorrow', 2, 'Head', false],
            [
                data_get($stock, 'deposits.0.what'),
                data_get($stock, 'deposits.0.fish'),
                data_get($stock, 'deposits.0.left.text'),
                data_get($stock, 'deposits.0.until'),
                data_get($stock, 'deposits.0.days'),
                data_get($stock, 'deposits.0.by'),
                data_get($stock, 'deposits.0.past'),
            ],
        );
        self::assertStringContainsString('Check your local code', strval(data_get($stock, 'deposits.0.why_then')));
        self::assertStringContainsString(
            'short of a batch',
            strval(data_get($stock, 'enough')).' short of a batch',
        );
        self::assertSame(1_655_000, data_get($this->bin('mince'), 'mass.mg'), 'the tail end and the side nobody cut');
        $this->conserved();
        $this->done($fish, 'route');
        self::assertSame(1_170_000, data_get($this->bin('stock'), 'mass.mg'), 'routed twice, it lies there once');
    }

    public function test_one_tap_accepts_all_that_wait(): void
    {
        $waiting = [];
        foreach (['1200 g', '1400 g'] as $grams) {
            $fish = $this->received($grams);
            $this->weigh($fish, 'head', '300 g')->assertOk();
            $this->done($fish, 'breakdown')->assertOk();
            $this->done($fish, 'portion')->assertOk();
            $waiting[] = [
                'fish' => $fish,
                'version' => $this->api('GET', "/route/fish/{$fish}")->json('fish.version'),
            ];
        }
        $stale = [[...$waiting[0]], [...$waiting[1], 'version' => 1]];
        $this->api('PUT', '/route/accepted/'.self::id(), ['fish' => $stale])->assertConflict();
        self::assertSame(0, DB::table('bin_deposits')->count(), 'all or none');
        $this->api('PUT', '/route/accepted/'.self::id(), ['fish' => $waiting])
            ->assertOk()
            ->assertJsonPath('fish', []);
        self::assertSame(600_000, data_get($this->bin('stock'), 'mass.mg'));
    }

    public function test_a_bin_is_emptied_from_two_screens_only_once(): void
    {
        $this->routed();
        $head = strval(data_get($this->bin('stock'), 'deposits.0.id'));
        $act = self::id();
        $this->out('stock', '650 g', ['how' => 'meal', 'deposit' => $head], $act)
            ->assertOk()
            ->assertJsonPath('mass.mg', 520_000);
        $this->out('stock', '650 g', ['how' => 'meal', 'deposit' => $head], $act)
            ->assertOk()
            ->assertJsonPath('mass.mg', 520_000);
        $this->out('stock', '650 g', ['how' => 'meal', 'deposit' => $head])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'That is empty already: somebody took it out before you.');
        $this->out('stock', '600 g', ['how' => 'meal'])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'White stock holds 520 g that may be eaten, not 600 g.');
        $this->out('stock', '500 g', ['how' => 'discard'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/reason');
        $frame = strval(data_get($this->bin('stock'), 'deposits.0.id'));
        $this->out('stock', '512 g', ['how' => 'discard', 'reason' => 'smells', 'deposit' => $frame, 'empty' => true])
            ->assertOk()
            ->assertJsonPath('mass.mg', 0);
        self::assertSame(
            [650_000, 512_000, 8_000],
            DB::table('bin_withdrawals')->orderBy('id')->pluck('mass_mg')->all(),
        );
        $this->conserved();
        self::assertStringContainsString(
            'bin never holds less than nothing',
            self::raised(
                fn () => DB::table('bin_withdrawals')->insert([
                    'act' => self::id(),
                    'deposit_id' => $frame,
                    'how' => 'meal',
                    'mass_mg' => 1,
                    'minor' => 0,
                    'reason' => '',
                    'taken_by' => $this->chef->id,
                    'taken_at' => 'now',
                ]),
            ),
        );
        self::assertStringContainsString(
            'only ever added to',
            self::raised(fn () => DB::table('bin_withdrawals')->delete()),
        );
    }

    public function test_past_its_date_only_the_head_chef_discards(): void
    {
        $this->routed();
        Carbon::setTestNow('2026-03-04 08:00');
        $morning = $this->api('GET', '/route/bins')->assertOk();
        self::assertSame([true, true], $morning->json('morning.*.past'));
        self::assertStringContainsString('head chef', strval($morning->json('morning.0.advice')));
        $this->api('PUT', '/route/batches/'.self::id(), [
            'recipe' => $this->recipe('White stock'),
            'weight' => ['typed' => '500 g'],
        ])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'White stock holds 0 g that may be eaten, not 500 g.');
        $head = strval(data_get($this->bin('stock'), 'deposits.0.id'));
        $this->out('stock', '650 g', ['how' => 'meal', 'deposit' => $head])->assertStatus(422);
        $this->api('PUT', "/route/tubs/{$head}/frozen/".self::id())->assertStatus(422);
        $this->actingAs($this->cutter);
        $this->out('stock', '650 g', ['how' => 'discard', 'reason' => 'past its date', 'deposit' => $head])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/deposit');
        $this->actingAs($this->chef);
        $this->out('stock', '650 g', [
            'how' => 'discard',
            'reason' => 'past its date',
            'deposit' => $head,
        ])->assertOk();
        $this->conserved();
    }

    public function test_all_that_is_past_leaves_with_one_weighing(): void
    {
        $this->routed();
        Carbon::setTestNow('2026-03-04 08:00');
        $fresh = $this->received('1200 g');
        $this->weigh($fresh, 'head', '1170 g')->assertOk();
        foreach (['breakdown', 'portion', 'route'] as $stage) {
            $this->done($fresh, $stage)->assertOk();
        }
        self::assertSame(
            [2_340_000, 2],
            [data_get($this->bin('stock'), 'mass.mg'), data_get($this->bin('stock'), 'past_tubs')],
        );
        $this->out('stock', '1200 g', [
            'how' => 'discard',
            'past' => true,
            'reason' => 'past its date',
        ])->assertStatus(422);
        $this->out('stock', '1100 g', ['how' => 'meal', 'past' => true])->assertStatus(422);
        $this->out('stock', '1155 g', [
            'how' => 'discard',
            'past' => true,
            'empty' => true,
            'reason' => 'past its date',
        ])
            ->assertOk()
            ->assertJsonPath('mass.mg', 1_170_000)
            ->assertJsonPath('past_tubs', 0);
        self::assertSame(
            ['discard', 'discard', 'correction'],
            DB::table('bin_withdrawals')->orderBy('id')->pluck('how')->all(),
        );
        $this->conserved();
    }

    public function test_everything_that_ends_today_is_frozen_with_one_tap(): void
    {
        $this->routed();
        Carbon::setTestNow('2026-03-03 08:00');
        $act = self::id();
        $this->api('PUT', "/route/bins/stock/frozen/{$act}")
            ->assertOk()
            ->assertJsonPath('frozen.mg', 1_170_000)
            ->assertJsonPath('ends_today.mg', 0);
        $this->api('PUT', "/route/bins/stock/frozen/{$act}")
            ->assertOk()
            ->assertJsonPath('mass.mg', 1_170_000);
        self::assertSame(4, DB::table('bin_deposits')->where('bin', 'stock')->count());
        $this->api('PUT', '/route/bins/tartare/frozen/'.self::id())->assertOk();
        $this->conserved();
    }

    public function test_frozen_it_keeps_ninety_days_and_thaws_nothing_else(): void
    {
        $this->routed();
        Carbon::setTestNow('2026-03-03 08:00');
        $morning = $this->api('GET', '/route/bins')->json('morning');
        self::assertStringContainsString('freeze it today', strval(json_encode($morning)));
        $head = strval(data_get($this->bin('stock'), 'deposits.0.id'));
        $new = self::id();
        $this->api('PUT', "/route/tubs/{$head}/frozen/{$new}")
            ->assertOk()
            ->assertJsonPath('frozen.mg', 650_000)
            ->assertJsonPath('mass.mg', 1_170_000);
        $this->api('PUT', "/route/tubs/{$head}/frozen/{$new}")
            ->assertOk()
            ->assertJsonPath('mass.mg', 1_170_000);
        self::assertSame('2026-05-31', DB::table('bin_deposits')->where('id', $new)->value('until'));
        $this->api('PUT', "/route/tubs/{$new}/frozen/".self::id())->assertStatus(422);
        Carbon::setTestNow('2026-03-05 08:00');
        $this->api('PUT', '/route/batches/'.self::id(), [
            'recipe' => $this->recipe('White stock'),
            'weight' => ['typed' => '600 g'],
        ])->assertOk();
        $this->conserved();
    }

    public function test_a_mended_weight_mends_the_bin_unless_it_left_already(): void
    {
        $fish = $this->routed();
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $this->done($fish, 'cost')->assertOk();
        $version = $this->api('GET', "/log/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/log/fish/{$fish}/reopened", [
            'why' => 'head weighed wrong',
            'version' => $version,
        ])->assertOk();
        $head = collect((array) $this->api('GET', "/breakdown/fish/{$fish}")->json('pieces'))->firstWhere(
            'part',
            'head',
        );
        $this->api('PUT', "/breakdown/fish/{$fish}/readings/{$head['reading']}/taken-back", [
            'reason' => 'with the tray',
        ])->assertOk();
        self::assertSame(520_000, data_get($this->bin('stock'), 'mass.mg'));
        $this->weigh($fish, 'head', '600 g')->assertOk();
        $this->done($fish, 'breakdown')->assertOk();
        $this->done($fish, 'portion')->assertOk();
        $this->done($fish, 'route')->assertOk();
        self::assertSame(1_120_000, data_get($this->bin('stock'), 'mass.mg'));
        $this->api('PUT', '/route/batches/'.self::id(), [
            'recipe' => $this->recipe('White stock'),
            'weight' => ['typed' => '1120 g'],
        ])->assertOk();
        $route = $this->api('GET', "/route/fish/{$fish}");
        $row = collect((array) $route->json('rows'))->firstWhere('part', 'head');
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$row['piece']}", [
            'bin' => 'grill',
            'version' => $route->json('fish.version'),
        ])->assertConflict();
        $this->conserved();
    }

    public function test_a_side_that_went_to_mince_and_is_cut_after_all_leaves_its_bin(): void
    {
        $fish = $this->routed();
        self::assertSame(1_655_000, data_get($this->bin('mince'), 'mass.mg'));
        $this->done($fish, 'cost')->assertOk();
        $version = $this->api('GET', "/log/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/log/fish/{$fish}/reopened", [
            'why' => 'the other side is cut too',
            'version' => $version,
        ])->assertOk();
        $this->done($fish, 'breakdown')->assertOk();
        $side = collect((array) $this->api('GET', "/portion/fish/{$fish}")->json('pieces'))->firstWhere(
            'part',
            'side-a',
        )['piece'];
        $this->weigh($fish, 'portion', '171 g', 'portion', from: $side)->assertOk();
        $this->done($fish, 'portion')->assertOk();
        $this->done($fish, 'route')->assertOk();
        self::assertSame(140_000, data_get($this->bin('mince'), 'mass.mg'));
        $this->conserved();
    }

    public function test_what_ends_today_still_makes_a_batch_after_midnight_by_the_clock_on_the_wall(): void
    {
        $this->routed();
        $stock = $this->recipe('White stock');
        $have = fn (string $at): array => [
            Carbon::setTestNow($at),
            $this->api('POST', "/route/recipes/{$stock}/plan", ['species' => $this->species('Hake')])
                ->assertOk()
                ->json('have.text'),
            $this->api('GET', '/route/batches')->assertOk()->json('recipes.*.have.mg'),
        ];
        $before = $have('2026-03-03 23:30');
        self::assertSame('1170 g', $before[1]);
        self::assertSame($before[2], $have('2026-03-04 01:30')[2], 'the kitchen day goes on');
        self::assertSame('1170 g', $have('2026-03-04 03:59')[1]);
        $made = $this->api('PUT', '/route/batches/'.self::id(), [
            'recipe' => $stock,
            'weight' => ['typed' => '170 g'],
        ])->assertOk();
        // Three days, the first of them the third of March.
        self::assertSame(['Thu 5 Mar', false], [$made->json('until'), $made->json('past')]);
        self::assertSame('0 g', $have('2026-03-04 04:00')[1]);

        Settings::store(['timezone' => 'America/Los_Angeles'], null);
        $line = $this->api('POST', "/route/recipes/{$stock}/plan", ['mass' => '1 kg'])->json('plan.line.0.at');
        self::assertSame('20:00', $line);
    }

    public function test_a_stock_is_planned_made_cooled_and_its_value_goes_back_to_the_fish(): void
    {
        $fish = $this->routed();
        $stock = $this->recipe('White stock');
        $plan = $this->api('POST', "/route/recipes/{$stock}/plan", ['species' => $this->species('Hake')])->assertOk();
        self::assertSame(
            ['1170 g', '1.4 L', '1.2 L', null],
            [
                $plan->json('mass.text'),
                $plan->json('plan.amounts.0.amount'),
                $plan->json('plan.expected'),
                $plan->json('more'),
            ],
        );
        self::assertSame(['10:00', '10:02', '10:10'], array_slice((array) $plan->json('plan.line.*.at'), 0, 3));
        self::assertStringContainsString(
            'only 1170 g',
            strval($this->api('POST', "/route/recipes/{$stock}/plan", ['mass' => '3 kg'])->json('more')),
        );
        $batch = self::id();
        $made = $this->api('PUT', "/route/batches/{$batch}", [
            'recipe' => $stock,
            'weight' => ['typed' => '1170 g'],
        ])->assertOk();
        self::assertSame(
            [1, null, '€1.40', 'Wed 4 Mar'],
            [$made->json('number'), $made->json('value'), $made->json('at_bin_value'), $made->json('until')],
        );
        $this->api('PUT', "/route/batches/{$batch}", ['recipe' => $stock, 'weight' => ['typed' => '1170 g']])
            ->assertOk()
            ->assertJsonPath('number', 1);
        foreach (['10:45' => '78', '11:00' => '57', '12:40' => '20.5', '16:30' => '4.5'] as $at => $celsius) {
            Carbon::setTestNow("2026-03-02 {$at}");
            $cooled = $this->api('PUT', "/route/batches/{$batch}/cooling/".self::id(), [
                'temperature' => ['typed' => $celsius],
            ])->assertOk();
        }
        self::assertTrue($cooled->json('cooling.meets'));
        self::assertSame(
            [[0, '57 °C'], [2, '21 °C'], [6, '5 °C']],
            array_map(
                null,
                (array) $cooled->json('cooling.limits.*.hour'),
                (array) $cooled->json('cooling.limits.*.text'),
            ),
        );
        $this->chef->update(['units' => 'us']);
        $this->api('GET', "/route/batches/{$batch}")->assertJsonPath('cooling.limits.1.text', '70 °F');
        $this->chef->update(['units' => 'metric']);
        $this->api('PUT', "/route/batches/{$batch}/cooling/".self::id(), [
            'temperature' => ['typed' => 'warm'],
        ])->assertStatus(422);
        $this->api('PUT', "/route/batches/{$batch}/made", ['amount' => 9, 'version' => 1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/amount');
        $this->api('PUT', "/route/batches/{$batch}/made", ['amount' => 0, 'version' => 1])->assertStatus(422);
        $said = $this->api('PUT', "/route/batches/{$batch}/made", ['amount' => 1.25, 'version' => 1])->assertOk();
        // 1.25 L at 4.20 are 5.25, dealt over 650 g and 520 g.
        self::assertSame(
            ['1.3 L', '€5.25', ['€2.92', '€2.33']],
            [$said->json('yield'), $said->json('value'), $said->json('went.*.back')],
        );
        // 1.40 of bones in 1.25 L.
        self::assertSame('€1.12', $said->json('per_unit'));
        $this->api('PUT', "/route/batches/{$batch}/made", ['amount' => 1.3, 'version' => 1])->assertConflict();

        $atBin = $this->api('GET', "/cost/fish/{$fish}")->json('walk.*.minor');
        $this->api('PUT', '/cost/house', ['credits' => 'batch-return'])->assertOk();
        $back = $this->api('GET', "/cost/fish/{$fish}")->assertOk();
        self::assertSame([-78, -62], array_slice((array) $atBin, 1, 2));
        self::assertSame([-292, -233], array_slice((array) $back->json('walk.*.minor'), 1, 2));
        self::assertSame("/route/batches/{$batch}", $back->json('walk.1.to'));

        $this->api('PUT', "/route/batches/{$batch}/gone", ['how' => 'discarded', 'version' => 2])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/reason');
        Carbon::setTestNow('2026-03-06 09:00');
        $this->api('PUT', "/route/batches/{$batch}/gone", ['how' => 'used', 'version' => 2])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/how');
        self::assertSame([1], $this->api('GET', '/route/bins')->json('ended.*.number'));
        $this->actingAs($this->cutter);
        $this->api('PUT', "/route/batches/{$batch}/gone", [
            'how' => 'discarded',
            'reason' => 'past',
            'version' => 2,
        ])->assertForbidden();
        $this->actingAs($this->chef);
        $this->api('PUT', "/route/batches/{$batch}/gone", ['how' => 'discarded', 'reason' => 'past', 'version' => 2])
            ->assertOk()
            ->assertJsonPath('gone', 'discarded');
        $this->conserved();
    }

    public function test_a_soup_is_of_one_kind_and_a_raw_thing_ends_with_what_it_is_made_of(): void
    {
        $fish = $this->received('900 g', ['species' => $this->species('Arctic char')]);
        $this->weigh($fish, 'frame', '120 g');
        $this->done($fish, 'breakdown')->assertOk();
        $this->done($fish, 'portion')->assertOk();
        $this->done($fish, 'route')->assertOk();
        $soup = $this->recipe('Soup of its kind');
        $ask = ['recipe' => $soup, 'weight' => ['typed' => '100 g']];
        $this->api('PUT', '/route/batches/'.self::id(), $ask)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/species');
        $this->api('PUT', '/route/batches/'.self::id(), [
            ...$ask,
            'species' => $this->species('Hake'),
        ])->assertStatus(422);
        $this->api('PUT', '/route/batches/'.self::id(), [
            ...$ask,
            'species' => $this->species('Arctic char'),
        ])->assertOk();
        self::assertSame(
            ['120 g'],
            (array) DB::table('bin_deposits')
                ->where('bin', 'soup')
                ->get()
                ->map(fn ($row): string => data_get($row, 'mass_mg') / 1000 .' g')
                ->all(),
        );
    }

    public function test_house_ways_bins_and_recipes_are_the_head_chefs(): void
    {
        $this->api('PUT', '/route/house/ways', ['grills_heads' => true, 'pots' => [30, 8.5]])
            ->assertOk()
            ->assertJsonPath('ways.grills_heads', true)
            ->assertJsonPath('pots', [30, 8.5]);
        $fish = $this->received('1200 g');
        $this->weigh($fish, 'head', '300 g');
        $this->done($fish, 'breakdown');
        $this->done($fish, 'portion');
        $head = $this->api('GET', "/route/fish/{$fish}")->json('rows.0');
        self::assertSame('grill', data_get($head, 'bin'));
        self::assertStringContainsString('The house does it so.', strval(data_get($head, 'why')));
        $body = ['value' => '5.00', 'room' => '200 g', 'days_cold' => 3, 'days_frozen' => 0, 'version' => 1];
        $house = $this->api('PUT', '/route/house/bins/grill', $body)->assertOk();
        self::assertSame(
            ['€5.00', '200 g', 3, 'house'],
            array_map(
                fn (string $key) => data_get(collect((array) $house->json('bins'))->firstWhere('bin', 'grill'), $key),
                ['value', 'room', 'days_cold', 'source'],
            ),
        );
        self::assertSame(
            'stock',
            $this->api('GET', "/route/fish/{$fish}")->json('rows.0.bin'),
            'no room for it on the grill',
        );
        $this->api('PUT', '/route/house/bins/grill', [...$body, 'value' => '6.00'])->assertConflict();
        $recipe = self::id();
        $own = [
            'name' => 'Fumet',
            'bin' => 'stock',
            'litres' => true,
            'hot' => true,
            'ingredients' => [['name' => 'water', 'per_kg' => 900, 'poured' => true]],
            'marks' => [['minute' => 20, 'doing' => 'Strain']],
            'yield_per_kg' => 0.8,
            'minutes' => 20,
            'value' => '5.10',
            'days_kept' => 3,
        ];
        $this->api('PUT', "/route/recipes/{$recipe}", $own)->assertOk();
        $this->api('PUT', '/route/recipes/'.self::id(), [...$own, 'name' => 'Nothing', 'yield_per_kg' => 0])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/yield_per_kg');
        $this->api('PUT', '/route/recipes/'.self::id(), [...$own, 'name' => 'Too much', 'yield_per_kg' => 3])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/yield_per_kg');
        $this->api('PUT', '/route/recipes/'.self::id(), $own)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/name');
        $this->api('PUT', "/route/recipes/{$recipe}/retired", ['version' => 1])->assertOk();
        $this->api('PUT', '/route/batches/'.self::id(), ['recipe' => $recipe, 'weight' => ['typed' => '1 kg']])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/recipe');
        $this->actingAs($this->cutter);
        foreach (
            [
                '/route/house/ways' => ['grills_heads' => false],
                '/route/house/bins/grill' => [...$body, 'version' => 2],
                "/route/recipes/{$recipe}" => $own,
            ] as $path => $asked
        ) {
            $this->api('PUT', $path, $asked)->assertForbidden();
        }
        self::assertStringNotContainsString(
            '€',
            strval($this->api('GET', '/route/house')->getContent()).$this->api('GET', '/route/bins')->getContent(),
        );
    }

    public function test_a_fish_past_its_date_only_goes_to_the_discard(): void
    {
        $fish = $this->received('1200 g');
        $this->weigh($fish, 'head', '300 g');
        $this->done($fish, 'breakdown');
        $this->done($fish, 'portion');
        Fish::query()
            ->whereKey($fish)
            ->update(['keeps_until' => '2026-03-01T12:00:00+00:00']);
        $route = $this->api('GET', "/route/fish/{$fish}");
        self::assertSame('discard', $route->json('rows.0.bin'));
        $this->api('PUT', "/route/fish/{$fish}/pieces/{$route->json('rows.0.piece')}", [
            'bin' => 'stock',
            'version' => $route->json('fish.version'),
        ])->assertStatus(422);
    }

    /** @param  callable(): mixed  $do */
    private static function raised(callable $do): string
    {
        try {
            $do();
        } catch (\Illuminate\Database\QueryException $refused) {
            return $refused->getMessage();
        }

        return '';
    }
}
