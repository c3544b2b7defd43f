<?php

declare(strict_types=1);

namespace Tests\Feature\BreakDown;

use App\Fish\Fish;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class MethodTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /**
     * @param  array<string, string>  $choices
     * @return TestResponse<Response>
     */
    private function cutAs(string $fish, ?string $method, array $choices = []): TestResponse
    {
        return $this->api('PUT', "/breakdown/fish/{$fish}/method", [
            'method' => $method,
            'choices' => (object) $choices,
            'version' => Fish::query()->findOrFail($fish)->version,
        ]);
    }

    /** @return array<string, array{string, string, string}> */
    public static function methods(): array
    {
        return [
            'two fillets' => ['round-two', 'Hake', 'gutted'],
            'quartered' => ['quartered', 'Atlantic salmon', 'gutted'],
            'pelagic' => ['pelagic-loins', 'Yellowfin tuna', 'gutted'],
            'flat, four' => ['flat-four', 'Turbot', 'gutted'],
            'flat, whole width' => ['flat-whole-width', 'Lemon sole', 'gutted'],
            'flat, seven' => ['flat-seven', 'Brill', 'gutted'],
            'tail' => ['tail-loins', 'Monkfish', 'tail'],
            'many-boned' => ['many-boned', 'Northern pike', 'gutted'],
            'small' => ['small-ungutted', 'European pilchard', 'round'],
            'steaks' => ['steaks', 'Hake', 'gutted'],
        ];
    }

    #[DataProvider('methods')]
    public function test_every_method_is_cut_step_by_step_to_its_end(
        string $method,
        string $species,
        string $state,
    ): void {
        $fish = $this->received('4210 g', ['species' => $this->species($species), 'state' => $state]);
        $bench = $this->cutAs($fish, $method)
            ->assertOk()
            ->assertJsonPath('method.method', $method)
            ->assertJsonPath('method.at', 0);
        $offered = array_column((array) $bench->json('parts'), 'part');
        for ($turn = 0; $turn < 60; $turn++) {
            $at = $bench->json('method.at');
            $steps = (array) $bench->json('method.steps');
            if ($at === count($steps)) {
                break;
            }
            $parts = (array) data_get($steps, "{$at}.parts");
            if ($parts === []) {
                $bench = $this->api('PUT', "/breakdown/fish/{$fish}/step", [
                    'done' => (int) (is_int($at) ? $at : 0) + 1,
                ])->assertOk();

                continue;
            }
            foreach ($parts as $part) {
                if (! in_array(data_get($part, 'part'), $offered, true)) {
                    continue;
                }
                $from = data_get(
                    (array) $bench->json("method.steps.{$at}.parts"),
                    array_search($part, $parts, true).'.from',
                );
                $response = $this->api(
                    'PUT',
                    "/breakdown/fish/{$fish}/readings/".self::id(),
                    array_filter([
                        'part' => data_get($part, 'part'),
                        'from' => $from,
                        'weight' => ['typed' => '90 g'],
                    ]),
                );
                $response->assertOk();
                $bench = $response;
            }
            if ($bench->json('method.at') === $at) {
                $bench = $this->api('PUT', "/breakdown/fish/{$fish}/step", [
                    'done' => (int) (is_int($at) ? $at : 0) + 1,
                ])->assertOk();
            }
        }
        self::assertSame(count((array) $bench->json('method.steps')), $bench->json('method.at'));
        $this->done($fish, 'breakdown')->assertOk();
    }

    public function test_loins_belong_to_the_side_they_are_cut_from(): void
    {
        $fish = $this->received('4210 g', ['species' => $this->species('Atlantic salmon')]);
        $this->cutAs($fish, 'quartered')->assertOk();
        foreach (['side-a' => '1500 g', 'side-b' => '1480 g'] as $part => $grams) {
            $this->weigh($fish, $part, $grams)->assertOk();
        }
        $bench = $this->api('GET', "/breakdown/fish/{$fish}");
        $parts = collect((array) $bench->json('method.steps'))->flatMap(
            fn (mixed $step): array => (array) data_get($step, 'parts'),
        );
        $loin = $parts->firstWhere('part', 'back-loin');
        $sideA = collect((array) $bench->json('pieces'))->firstWhere('part', 'side-a');
        self::assertSame(data_get($sideA, 'piece'), data_get($loin, 'from'));
        $this->weigh($fish, 'back-loin', '800 g', from: (string) data_get($loin, 'from'))->assertOk();
        $cut = collect((array) $this->api('GET', "/breakdown/fish/{$fish}")->json('pieces'))->firstWhere(
            'part',
            'back-loin',
        );
        self::assertSame(data_get($sideA, 'piece'), data_get($cut, 'parent'));
    }

    public function test_a_school_is_chosen_with_its_answers_and_what_each_costs_is_said(): void
    {
        $fish = $this->received();
        $bench = $this->cutAs($fish, 'round-two', ['pin-bones' => 'strip', 'head' => 'last'])->assertOk();
        $bones = collect((array) $bench->json('method.questions'))->firstWhere('question', 'pin-bones');
        self::assertSame('strip', data_get($bones, 'chosen'));
        // 2.2 % of 4210 g.
        self::assertSame(['about 8 g', 'about 93 g'], data_get($bones, 'options.*.costs'));
        $doing = implode('|', (array) $bench->json('method.steps.*.doing'));
        self::assertStringContainsString('Cut the pin bones out as a strip', $doing);
        self::assertStringNotContainsString('Pull the pin bones', $doing);
        $this->cutAs($fish, 'round-two', ['pin-bones' => 'sawn'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/choices/pin-bones');
        $this->cutAs($fish, 'flat-four')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/method');
        $this->api('PUT', "/breakdown/fish/{$fish}/step", ['done' => 3])
            ->assertOk()
            ->assertJsonPath('method.at', 3);
        $this->api('PUT', "/breakdown/fish/{$fish}/step", ['done' => 3])->assertOk();
        self::assertSame(1, DB::table('step_times')->count());
        $this->cutAs($fish, null)->assertOk()->assertJsonPath('method', null);
        $this->api('PUT', "/breakdown/fish/{$fish}/step", ['done' => 1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/done');
    }

    public function test_two_answers_that_clash_are_refused_and_the_one_asked_last_moves_the_other(): void
    {
        $fish = $this->received();
        $both = ['skin' => 'on', 'bones-when' => 'after-skin'];
        $this->cutAs($fish, 'round-two', $both)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/choices/bones-when');
        $bench = $this->api('PUT', "/breakdown/fish/{$fish}/method", [
            'method' => 'round-two',
            'choices' => $both,
            'asked' => 'bones-when',
            'version' => Fish::query()->findOrFail($fish)->version,
        ])->assertOk();
        $answers = array_column((array) $bench->json('method.questions'), null, 'question');
        self::assertSame('after-skin', data_get($answers, 'bones-when.chosen'));
        self::assertSame('off', data_get($answers, 'skin.chosen'));
        $skin = array_column((array) data_get($answers, 'skin.options'), null, 'option');
        self::assertNotNull(data_get($skin, 'on.moves'), 'and what it would move is said before');
        self::assertNull(data_get($skin, 'off.moves'));
        self::assertArrayNotHasKey('gut', $answers, 'nobody asks how a gutted fish is gutted');
        self::assertSame('crisp', data_get($skin, 'off.becomes'));
        $made = array_column(
            (array) $this->api('GET', '/breakdown/made-from')->assertOk()->json('bins'),
            'recipes',
            'bin',
        );
        self::assertContains('Fish cakes', (array) $made['mince']);
    }

    public function test_the_houses_own_fish_replace_the_starting_figure_and_a_mistake_taken_back_is_forgotten(): void
    {
        $band = fn (string $fish): mixed => data_get(
            collect((array) $this->api('GET', "/breakdown/fish/{$fish}")->json('ladder'))->firstWhere(
                'rung',
                'fillets',
            ),
            'band',
        );
        $now = $this->received('4000 g');
        $this->weigh($now, 'fillets', '2400 g');
        self::assertNull($band($now), 'the rest is still on the board');
        $this->weigh($now, 'bones', '1580 g');
        self::assertSame('starting figure', data_get($band($now), 'from'));
        $start = data_get($band($now), 'mean_pct');
        $reading = null;
        foreach (['2200 g', '2240 g', '2180 g'] as $i => $fillets) {
            $fish = $this->received('4000 g');
            $reading = self::id();
            $this->weigh($fish, 'fillets', $fillets, 'breakdown', $reading)->assertOk();
            $this->weigh($fish, 'bones', 3960 - (int) $fillets.' g')->assertOk();
            $this->done($fish, 'breakdown')->assertOk();
        }
        self::assertSame('our 3 fish', data_get($band($now), 'from'));
        self::assertLessThan($start, data_get($band($now), 'mean_pct'));
        $this->api('PUT', "/breakdown/fish/{$fish}/readings/{$reading}/taken-back", [
            'reason' => 'wrong fish',
        ])->assertOk();
        self::assertSame('our 2 fish', data_get($band($now), 'from'));
    }

    public function test_fish_cut_by_other_answers_count_as_if_they_had_been_cut_by_these(): void
    {
        $trimmed = fn (TestResponse $bench): mixed => data_get(
            collect((array) $bench->json('ladder'))->firstWhere('rung', 'trimmed'),
            'band.mean_pct',
        );
        $cut = function (string $belly): string {
            $fish = $this->received('4000 g');
            $this->cutAs($fish, 'round-two', ['belly' => $belly])->assertOk();
            $off = ['head' => '800 g', 'side-a' => '1200 g', 'side-b' => '1200 g', 'frame' => '760 g'];
            foreach ($off as $part => $g) {
                $this->weigh($fish, $part, $g)->assertOk();
            }

            return $fish;
        };
        foreach (range(1, 3) as $i) {
            $fish = $cut('off');
            foreach (range(1, 2) as $side) {
                $this->weigh($fish, 'belly', '100 g')->assertOk();
            }
            $this->done($fish, 'breakdown')->assertOk();
        }
        $now = $cut('off');
        $this->weigh($now, 'ribs', '40 g')->assertOk();
        $off = $trimmed($this->api('GET', "/breakdown/fish/{$now}"));
        self::assertIsFloat($off);
        // Their bellies came to 200 g of 4000 g: five points that stay on a fish whose belly does.
        $on = $trimmed($this->cutAs($now, 'round-two', ['belly' => 'on'])->assertOk());
        self::assertEqualsWithDelta($off + 5, $on, 0.06);
    }

    public function test_a_low_rung_and_a_heavy_frame_are_told_with_what_to_do(): void
    {
        $fish = $this->received('4210 g');
        foreach (
            ['head' => '650 g', 'frame' => '760 g', 'side-a' => '1380 g', 'side-b' => '1400 g'] as $part => $grams
        ) {
            $bench = $this->weigh($fish, $part, $grams)->assertOk();
        }
        $remark = $bench->json('remarks.0');
        self::assertStringContainsString('Left on the frame: about', (string) data_get($remark, 'what'));
        self::assertStringContainsString('€', (string) data_get($remark, 'todo'));
        $this->actingAs($this->cutter);
        self::assertStringNotContainsString(
            '€',
            (string) $this->api('GET', "/breakdown/fish/{$fish}")->json('remarks.0.todo'),
        );
    }

    public function test_some_of_a_batch_weighed_singly_say_what_one_weighs_and_how_they_differ(): void
    {
        $fish = $this->received('5650 g');
        $weigh = fn (string $typed, ?string $id = null): TestResponse => $this->api(
            'PUT',
            "/breakdown/fish/{$fish}/sample/".($id ?? self::id()),
            ['weight' => ['typed' => $typed]],
        );
        $weigh('140 g')->assertOk()->assertJsonPath('sample', null);
        $this->api('PUT', "/breakdown/fish/{$fish}/count", [
            'count' => 4,
            'version' => Fish::query()->findOrFail($fish)->version,
        ])->assertOk()->assertJsonPath('sample.each', '140 g');
        $id = self::id();
        $weigh('150 g', $id)->assertOk()->assertJsonPath('sample.each', '145 g ± 7 g');
        $weigh('150 g', $id)->assertOk();
        self::assertSame(2, DB::table('sample_weighings')->count());
        $weigh('6000 g')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/weight');
        $weigh('130 g')->assertOk();
        $weigh('160 g')->assertOk();
        $weigh('145 g')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/weight');
        $back = fn (): TestResponse => $this->api('PUT', "/breakdown/fish/{$fish}/sample/".self::id(), [
            'undoes' => $id,
        ]);
        self::assertCount(3, (array) $back()->assertOk()->json('sample.weighed'));
        $back()->assertStatus(422)->assertJsonPath('errors.0.pointer', '/undoes');
        $weigh('145 g')->assertOk();
    }

    public function test_three_weights_are_left_in_peace(): void
    {
        $fish = $this->received('4210 g');
        foreach (['fillets' => '2650 g', 'trim' => '140 g', 'bones' => '1390 g'] as $part => $grams) {
            $bench = $this->weigh($fish, $part, $grams)->assertOk();
        }
        self::assertSame([], $bench->json('remarks'));
        self::assertNotNull($bench->json('edible_yield'));
        $this->done($fish, 'breakdown')->assertOk();
        $dish = $this->dish(180);
        $portion = $this->api('GET', "/portion/fish/{$fish}");
        // 2650 g, 3 % of it squared off, 180 g each.
        self::assertSame(14, data_get(collect((array) $portion->json('dishes'))->firstWhere('id', $dish), 'fits'));
    }

    public function test_the_house_copies_a_method_and_changes_it_and_the_shipped_one_stays(): void
    {
        $shipped = (array) $this->api('GET', '/breakdown/methods/round-two')
            ->assertOk()
            ->assertJsonPath('from', null)
            ->json();
        $steps = (array) $shipped['steps'];
        $ours = self::id();
        $body = [
            'from' => 'round-two',
            'name' => 'Two fillets, our way',
            'version' => 0,
            'steps' => [
                ['doing' => 'Dry it', 'why' => 'A wet fish slides'],
                ...array_map(fn (mixed $step): array => (array) $step, $steps),
            ],
        ];
        $this->api('PUT', "/breakdown/methods/{$ours}", [
            ...$body,
            'steps' => [['doing' => 'Cut it', 'parts' => 'wing']],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/steps/0/parts');
        $this->api('PUT', "/breakdown/methods/{$ours}", [
            ...$body,
            'steps' => [['doing' => 'Cut it', 'parts' => 'eyed-side']],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/steps/0/parts');
        $swapped = $body['steps'];
        array_splice($swapped, 1, 0, array_splice($swapped, -1));
        self::assertSame('tidy', data_get($swapped, '1.action'));
        $this->api('PUT', "/breakdown/methods/{$ours}", [...$body, 'steps' => $swapped])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/steps/6/doing');
        $this->api('PUT', "/breakdown/methods/{$ours}", [
            ...$body,
            'steps' => [['doing' => 'Trim the fins', 'parts' => 'fins']],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/steps');
        $this->api('PUT', "/breakdown/methods/{$ours}", [
            ...$body,
            'steps' => [['doing' => 'Trim the fins', 'choices' => 'fins']],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/steps/0/choices');
        $this->api('PUT', "/breakdown/methods/{$ours}", $body)
            ->assertOk()
            ->assertJsonPath('steps.0.doing', 'Dry it')
            ->assertJsonPath('version', 1);
        $this->api('PUT', "/breakdown/methods/{$ours}", $body)->assertConflict();
        $this->api('PUT', '/breakdown/methods/round-two', [...$body, 'version' => 1])->assertConflict();
        self::assertSame($shipped, $this->api('GET', '/breakdown/methods/round-two')->json());
        $fish = $this->received();
        $bench = $this->cutAs($fish, $ours)
            ->assertOk()
            ->assertJsonPath('method.name', 'Two fillets, our way')
            ->assertJsonPath('method.steps.0.doing', 'Dry it');
        self::assertTrue(data_get($bench->json('methods'), '0.ours'));
        $this->seed(\Database\Seed\CatalogueSeeder::class);
        $this->api('GET', "/breakdown/fish/{$fish}")->assertJsonPath('method.steps.0.doing', 'Dry it');
        $this->actingAs($this->cutter);
        $this->api('PUT', "/breakdown/methods/{$ours}", [...$body, 'version' => 1])->assertForbidden();
    }

    public function test_trays_are_weighed_onto_the_register_and_off_it(): void
    {
        $this->api('PUT', '/breakdown/trays/'.rawurlencode('half tray'), ['mass' => '412 g'])
            ->assertOk()
            ->assertJsonPath('trays.0.mass.mg', 412_000);
        $this->api('PUT', '/breakdown/trays/'.rawurlencode('half tray'), ['mass' => '-3 g'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/mass');
        $this->api('PUT', '/breakdown/trays/'.rawurlencode('half tray'), ['mass' => null])
            ->assertOk()
            ->assertJsonPath('trays', []);
    }
}
