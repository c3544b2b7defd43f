<?php

declare(strict_types=1);

namespace Tests\Feature\Cost;

use App\Fish\Supplier;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Settings;
use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** From the plate back to the invoice, forward to what if, and beside what others ask. */
final class PlatesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /** @return array{string, string, string} fish, its usual dish, and a second one */
    private function twoDishes(): array
    {
        $fish = $this->received();
        foreach (
            ['head' => '650 g', 'frame' => '520 g', 'side-a' => '1515 g', 'side-b' => '1500 g'] as $part => $grams
        ) {
            $this->weigh($fish, $part, $grams)->assertOk();
        }
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        [$main, $small] = [$this->dish(), $this->dish(120, 2900)];
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $main, 'version' => $version])->assertOk();
        foreach (['170 g', '182 g', '150 g', '121 g'] as $grams) {
            $this->weigh($fish, 'portion', $grams, 'portion')->assertOk();
        }
        $piece = strval($this->api('GET', "/portion/fish/{$fish}")->json('portions.3.piece'));
        $this->api('PUT', "/portion/fish/{$fish}/pieces/{$piece}/dish", ['dish' => $small])->assertOk();
        $this->done($fish, 'portion')->assertOk();
        $this->done($fish, 'route')->assertOk();

        return [$fish, $main, $small];
    }

    /** @return array<mixed> */
    private function priced(string $fish): array
    {
        return (array) $this->api('GET', "/cost/fish/{$fish}")
            ->assertOk()
            ->json();
    }

    /** @param  array<string, mixed>  $how */
    private function counting(array $how): void
    {
        $this->api('PUT', '/cost/house', $how)->assertOk();
    }

    public function test_every_figure_from_the_plate_to_the_invoice_is_the_sum_of_those_under_it(): void
    {
        [$fish, $main, $small] = $this->twoDishes();
        $plates = $this->api('GET', '/cost/plates')->assertOk();
        self::assertSame([$main, $small], $plates->json('plates.*.dish'), 'the dearest plate stands first');
        foreach ([$main => 3, $small => 1] as $dish => $count) {
            $plate = $this->api('GET', "/cost/plates/{$dish}")->assertOk();
            self::assertSame($plate->json('total_minor'), array_sum((array) $plate->json('fish.*.minor')));
            self::assertSame([$count, $fish], [$plate->json('count'), $plate->json('fish.0.fish')]);
            self::assertSame(
                self::minor($plate->json('plate.cost')),
                self::minor($plate->json('plate.portion')) +
                    self::minor($plate->json('plate.sides')) +
                    self::minor($plate->json('plate.small')),
            );
        }
        $cost = $this->priced($fish);
        $walk = (array) data_get($cost, 'walk.*.minor');
        $net = array_pop($walk);
        self::assertSame($net, array_sum($walk));
        self::assertSame($net, array_sum((array) data_get($cost, 'products.*.minor')));
        foreach ((array) $cost['products'] as $product) {
            self::assertSame(data_get($product, 'minor'), array_sum((array) data_get($product, 'lines.*.minor')));
        }
        self::assertSame(['served', 'over', 'light'], data_get($cost, 'products.0.lines.*.kind'));
        self::assertSame(
            ['Side A', 'Side B, not portioned'],
            data_get($cost, 'unserved.*.what'),
            'the side nobody cut',
        );
    }

    public function test_the_schools_of_sharing_and_labour_change_what_a_dish_carries_and_never_the_sum(): void
    {
        [$fish] = $this->twoDishes();
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/cost/fish/{$fish}", ['labour_minutes' => 14, 'version' => $version])->assertOk();
        $weight = (array) data_get($this->priced($fish), 'products.*.minor');
        $this->counting(['split' => 'relative-value']);
        $value = (array) data_get($this->priced($fish), 'products.*.minor');
        self::assertSame(array_sum($weight), array_sum($value));
        self::assertGreaterThan($weight[1], $value[1], 'the small portion sells for more a gram');
        $this->counting(['counts_labour' => false]);
        self::assertSame(
            array_sum($value) - 434,
            array_sum((array) data_get($this->priced($fish), 'products.*.minor')),
        );
        self::assertStringContainsString('work is not counted', strval($this->priced($fish)['schools']));
    }

    public function test_what_if_says_what_it_comes_to_in_a_year(): void
    {
        [, $main] = $this->twoDishes();
        $base = $this->api('GET', "/cost/plates/{$main}")->json('base');
        $grams = data_get($base, 'portion_g');
        self::assertIsNumeric($grams);
        $same = $this->api('POST', "/cost/plates/{$main}/what-if", ['a_week' => 125])->assertOk();
        self::assertSame(
            [0, 'Move a figure and see what it does.'],
            [$same->json('saves_minor'), $same->json('said')],
        );
        self::assertSame($same->json('now'), $same->json('then'));
        $lighter = $this->api('POST', "/cost/plates/{$main}/what-if", [
            'portion' => $grams - 5 .' g',
            'a_week' => 125,
        ])->assertOk();
        $saves = $lighter->json('saves_minor');
        self::assertIsInt($saves);
        self::assertGreaterThan(0, $saves);
        self::assertSame(
            sprintf(
                '5 g lighter saves €%.2f a plate, €%.2f a year at 125 a week.',
                $saves / 100,
                ($saves * 125 * 52) / 100,
            ),
            $lighter->json('said'),
        );
        $dearer = $this->api('POST', "/cost/plates/{$main}/what-if", [
            'price_per_kg' => '20.00',
            'yield_pct' => 30,
        ])->assertOk();
        self::assertStringStartsWith('Fish at €20.00 and a yield of 30', strval($dearer->json('said')));
        foreach (
            ['portion' => '0 g', 'price_per_kg' => '-3', 'yield_pct' => 0, 'menu_price' => '0'] as $field => $bad
        ) {
            $this->api('POST', "/cost/plates/{$main}/what-if", [$field => $bad])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.pointer', "/{$field}");
        }
    }

    public function test_a_dish_without_portions_says_so(): void
    {
        $dish = $this->dish();
        $plate = $this->api('GET', "/cost/plates/{$dish}")->assertOk();
        self::assertStringContainsString('No portion', strval($plate->json('missing')));
        self::assertNull($plate->json('base'));
        $this->api('POST', "/cost/plates/{$dish}/what-if", ['yield_pct' => 50])->assertStatus(422);
        self::assertSame([$dish], $this->api('GET', '/cost/plates')->json('without.*.dish'));
    }

    public function test_a_credit_above_the_invoice_is_said_and_the_net_falls_below_zero(): void
    {
        [$fish, $main] = $this->twoDishes();
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/cost/fish/{$fish}", ['price_per_kg' => '0.20', 'version' => $version])->assertOk();
        $cost = $this->priced($fish);
        self::assertStringContainsString('more than', strval($cost['remark']));
        self::assertLessThan(0, array_sum((array) data_get($cost, 'products.*.minor')));
        self::assertStringStartsWith('−€', strval(data_get($cost, 'products.0.total')));
        $this->api('GET', "/cost/plates/{$main}")->assertOk();
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/cost/fish/{$fish}", ['price_per_kg' => '0', 'version' => $version])->assertOk();
        self::assertNull($this->priced($fish)['factor'], 'a gift has no factor');
    }

    public function test_currencies_with_no_minor_units_and_with_three(): void
    {
        foreach (
            ['JPY' => ['2500', 'JPY', 0], 'KWD' => ['2.500', 'KWD', 3]] as $currency => [$price, $sign, $decimals]
        ) {
            Settings::store(['currency' => $currency], null);
            $fish = $this->received('4210 g', ['price_per_kg' => $price]);
            $this->weigh($fish, 'fillets', '2000 g')->assertOk();
            $this->boned($fish);
            $this->done($fish, 'breakdown')->assertOk();
            $dish = Dish::query()->create([
                'name' => "Dish {$currency}",
                'target_mg' => 170_000,
                'minus_mg' => 6000,
                'plus_mg' => 8000,
                'sides_minor' => 10,
                'price_minor' => 4000,
                'target_cost_pct' => '30',
                'version' => 1,
            ])->id;
            $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
            $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $dish, 'version' => $version])->assertOk();
            $this->weigh($fish, 'portion', '170 g', 'portion')->assertOk();
            $this->done($fish, 'portion')->assertOk();
            $this->done($fish, 'route')->assertOk();
            $plate = $this->api('GET', "/cost/plates/{$dish}")->assertOk();
            self::assertSame($decimals, $plate->json('base.decimals'));
            self::assertStringContainsString($sign, strval($plate->json('plate.suggested')));
            self::assertMatchesRegularExpression(
                $decimals === 0 ? '/\d50$/' : '/\.\d50$/',
                strval($plate->json('plate.suggested')),
            );
        }
    }

    public function test_whole_against_ready_cut_by_the_houses_own_figures(): void
    {
        $this->twoDishes();
        $hake = $this->species('Hake');
        self::assertSame([$hake], $this->api('GET', '/cost/ready-cut')->assertOk()->json('fish.*.species'));
        $cut = $this->api('POST', '/cost/ready-cut', [
            'species' => $hake,
            'ready_price' => '26.40',
            'ready_yield_pct' => 96,
        ])->assertOk();
        self::assertSame(2750, $cut->json('ready_minor'));
        $even = $this->api('POST', '/cost/ready-cut', [
            'species' => $hake,
            'ready_price' => ltrim(strval($cut->json('even_ready')), '€'),
            'ready_yield_pct' => 96,
        ]);
        self::assertEqualsWithDelta($even->json('whole_minor'), $even->json('ready_minor'), 1);
        self::assertStringContainsString('A point of yield is worth', strval($cut->json('said')));
        $this->api('POST', '/cost/ready-cut', ['species' => $hake, 'ready_price' => '0'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/ready_price');
        $this->api('POST', '/cost/ready-cut', ['species' => $this->species('Brill'), 'ready_price' => '30'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/species');
    }

    public function test_a_price_list_says_which_dishes_leave_their_band(): void
    {
        [, $main] = $this->twoDishes();
        Dish::query()
            ->whereKey($main)
            ->update(['species_id' => $this->species('Hake')]);
        $list = fn (string $csv): array => ['file' => base64_encode($csv), 'supplier' => 'Harbourgate Fish'];
        // How this supplier's invoices are read says nothing about its price list.
        DB::table('invoice_maps')->insert([
            'supplier_id' => Supplier::query()->where('name', 'Harbourgate Fish')->firstOrFail()->id,
            'map' => json_encode([
                'columns' => ['name' => 'Artikel', 'price' => 'Preis'],
                'names' => ['Glowing fish' => $this->species('Brill')],
            ]),
        ]);
        $body = $list("fish;price/kg\nHake;19,50\nGlowing fish;18,60\nGlowfish;3,00\nZander;\n");
        $read = $this->api('POST', '/cost/prices', $body)->assertOk();
        self::assertSame(['Hake', 'Brill', null, 'Zander'], $read->json('rows.*.fish'));
        self::assertSame(
            ['€19.50', '€13.90', 40.3],
            [$read->json('rows.0.price'), $read->json('rows.0.was'), $read->json('rows.0.change_pct')],
        );
        self::assertSame([0, 0, 1, 1], array_map(count(...), (array) $read->json('rows.*.faults')));
        self::assertSame(
            [$main, 'above', false],
            [$read->json('dishes.0.dish'), $read->json('dishes.0.band'), $read->json('dishes.0.leaves')],
        );
        self::assertSame(0, DB::table('supplier_prices')->count(), 'looked at, not kept');
        $id = self::id();
        $this->api('PUT', "/cost/prices/{$id}", $body)->assertOk();
        $this->api('PUT', "/cost/prices/{$id}", $body)->assertOk();
        self::assertSame(2, DB::table('supplier_prices')->count());
        $this->api('PUT', '/cost/prices/'.self::id(), $list("fish,price\nHake,9.10\n"))->assertOk();
        $latest = $this->api('GET', '/cost/prices')->assertOk();
        self::assertSame(['€18.60', '€9.10'], $latest->json('prices.*.price'));
        $this->api('PUT', '/cost/prices/'.self::id(), ['file' => base64_encode("fish,price\nHake,9.10\n")])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/supplier');
        $this->api('PUT', '/cost/prices/'.self::id(), $list("fish,price\nGlowfish,9.10\n"))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/file');
        $this->api('POST', '/cost/prices', $list('nothing'))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/file');
    }

    public function test_the_house_says_how_it_counts(): void
    {
        $this->counting(['price_ending' => '90', 'labour_rate' => '20.00', 'cost_points' => 2.5, 'tax_pct' => 7]);
        $house = $this->api('GET', '/cost/house');
        self::assertSame(
            ['90', '€20.00', 2.5, 7],
            [
                $house->json('price_ending'),
                $house->json('labour_rate'),
                $house->json('cost_points'),
                $house->json('tax_pct'),
            ],
        );
        $this->api('PUT', '/cost/house', ['price_ending' => 'x'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/price_ending');
        $this->api('PUT', '/cost/house', ['split' => 'evenly'])->assertStatus(422);
    }

    private static function minor(mixed $amount): int
    {
        self::assertIsString($amount);

        return (int) round(100 * (float) str_replace(['€', '−'], ['', '-'], $amount));
    }

    public function test_what_is_kept_of_a_fish_is_what_is_worked_out_whatever_changes(): void
    {
        [$fish, $main, $small] = $this->twoDishes();
        $shown = fn (): array => [
            $this->api('GET', '/cost/plates')->assertOk()->json(),
            $this->api('GET', "/cost/plates/{$main}")->assertOk()->json(),
            $this->api('GET', '/cost/ready-cut')->assertOk()->json(),
        ];
        $version = fn (): mixed => $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $last = $shown();
        foreach ([
            'a price' => fn () => $this->api('PUT', "/cost/fish/{$fish}", [
                'price_per_kg' => '11.40',
                'version' => $version(),
            ]),
            'minutes' => fn () => $this->api('PUT', "/cost/fish/{$fish}", [
                'labour_minutes' => 21,
                'version' => $version(),
            ]),
            'work that counts no more' => fn () => $this->api('PUT', '/cost/house', ['counts_labour' => false]),
            'shares by worth' => fn () => $this->api('PUT', '/cost/house', ['split' => 'relative-value']),
        ] as $what => $change) {
            $change()->assertOk();
            $kept = $shown();
            self::assertNotSame($last, $kept, $what);
            self::assertSame(1, DB::table('cost_summaries')->delete());
            self::assertSame($shown(), $kept, $what);
            $last = $kept;
        }
        Dish::query()->whereKey($small)->update(['price_minor' => 6100]);
        Remembered::forget();
        $kept = $shown();
        self::assertNotSame($last, $kept, 'what a dish is worth');
        self::assertSame(1, DB::table('cost_summaries')->delete());
        self::assertSame($shown(), $kept);
        $kept = DB::table('cost_summaries')->get()->all();
        $this->api('GET', '/cost/plates')->assertOk();
        self::assertEquals($kept, DB::table('cost_summaries')->get()->all(), 'nothing changed, nothing is written');
    }
}
