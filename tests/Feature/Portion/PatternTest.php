<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Portion\Together\CutPattern;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Fillets weighed together: one pattern for all, portions promised, a sample weighed, and what really came out. */
final class PatternTest extends TestCase
{
    private string $fish;

    private string $at;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->fish = $this->received();
        $this->weigh($this->fish, 'fillets', '3280 g')->assertOk();
        $this->boned($this->fish);
        $this->done($this->fish, 'breakdown')->assertOk();
        $piece = (string) $this->api('GET', "/portion/fish/{$this->fish}")->json('sources.0.piece');
        $this->at = "/portion/fish/{$this->fish}/fillets/{$piece}/pattern";
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function asked(array $more = []): array
    {
        return ['dish' => $this->dish(100), 'fillets' => 16, ...$more];
    }

    public function test_sixteen_fillets_are_promised_so_many_portions_and_a_sample_of_them(): void
    {
        $plain = $this->api('POST', $this->at, $this->asked())->assertOk();
        self::assertSame(['205 g', false], [$plain->json('mean'), $plain->json('measured')]);
        $weighed = ['203 g', '207 g', '201 g', '209 g', '205 g'];
        $close = $this->api('POST', $this->at, $this->asked(['weighed' => $weighed, 'per_pan' => 10, 'per_oven' => 2]))
            ->assertOk();
        self::assertTrue($close->json('measured'));
        $best = collect((array) $close->json('patterns'))->firstWhere('best', true);
        self::assertSame([2, 32], [data_get($best, 'per_fillet'), data_get($best, 'promised')]);
        // The usual spread, twelve in a hundred, promises less.
        $usual = collect((array) $plain->json('patterns'))->firstWhere('best', true);
        self::assertLessThan(32, data_get($usual, 'promised'));
        self::assertCount(2, (array) $close->json('marks'));
        self::assertSame([2, 16], [$close->json('sampling.every'), $close->json('sampling.samples')]);
        self::assertSame(
            [4, 2, 0, 2],
            [
                $close->json('pans.pans'),
                $close->json('pans.on_the_last'),
                $close->json('pans.trolleys'),
                $close->json('pans.loads'),
            ],
        );
        self::assertSame(0, CutPattern::query()->count());
    }

    public function test_what_came_out_is_told_beside_what_was_promised_and_two_under_in_a_row_stop(): void
    {
        $body = $this->asked(['weighed' => ['203 g', '207 g', '205 g']]);
        $this->api('PUT', $this->at, $body)->assertOk()->assertJsonPath('laid.version', 1);
        $this->api('PUT', $this->at, $body)->assertOk()->assertJsonPath('laid.version', 1);
        self::assertSame(2, $this->api('GET', "/portion/fish/{$this->fish}")->json('sources.0.every'));
        $this->api('PUT', $this->at, [...$body, 'fillets' => 15])->assertStatus(409);
        $this->api('PUT', $this->at, [...$body, 'fillets' => 15, 'version' => 1])
            ->assertOk()
            ->assertJsonPath('laid.version', 2);

        // Looked at again without a word, it is as it was laid.
        $again = $this->api('POST', $this->at, ['dish' => $body['dish']])->assertOk();
        self::assertSame([15, '2 g', true], [
            $again->json('fillets'),
            $again->json('spread'),
            $again->json('measured'),
        ]);
        foreach (['100 g', '88 g'] as $mass) {
            $this->weigh($this->fish, 'portion', $mass, 'portion')->assertOk();
        }
        $now = $this->api('POST', $this->at, $body)->assertOk();
        self::assertSame([2, 1, false], [
            $now->json('came.sampled'),
            $now->json('came.under'),
            $now->json('came.stop'),
        ]);
        $this->weigh($this->fish, 'portion', '87 g', 'portion')->assertOk();
        self::assertTrue($this->api('POST', $this->at, $body)->json('came.stop'));

        // The rest on one tray: fourteen together.
        $this->api('PUT', "/portion/fish/{$this->fish}/readings/".self::id(), [
            'part' => 'portion',
            'portions' => 14,
            'weight' => ['typed' => '1407 g'],
        ])->assertOk();
        $came = $this->api('POST', $this->at, $body)->assertOk();
        self::assertSame([17, 3], [$came->json('came.cut'), $came->json('came.sampled')]);
        $bench = $this->api('GET', "/portion/fish/{$this->fish}")->assertOk();
        self::assertSame([1, 1, 1, 14], $bench->json('portions.*.together'));
        self::assertSame(17, $bench->json('tally.count'));
    }

    public function test_portions_weighed_together_are_as_many_on_the_tray_the_label_and_the_cost(): void
    {
        $dish = $this->dish(100);
        $version = $this->api('GET', "/portion/fish/{$this->fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$this->fish}/dish", ['dish' => $dish, 'version' => $version])->assertOk();
        $this->api('PUT', "/portion/fish/{$this->fish}/readings/".self::id(), [
            'part' => 'portion',
            'portions' => 12,
            'weight' => ['typed' => '1210 g'],
        ])->assertOk();
        $this->weigh($this->fish, 'portion', '101 g', 'portion')->assertOk();
        $ready = $this->api('GET', '/portion/batches')->json('ready.0');
        self::assertSame(13, data_get($ready, 'portions'));
        $tray = $this->api('PUT', '/portion/batches/'.self::id(), [
            'dish' => $dish,
            'pieces' => array_column((array) data_get($ready, 'pieces'), 'piece'),
        ])->assertOk();
        self::assertSame([13, '1311 g', 0], [$tray->json('count'), $tray->json('net'), $tray->json('under')]);

        DB::table('fish')
            ->where('id', $this->fish)
            ->update(['price_per_kg_minor' => 1480]);
        $this->done($this->fish, 'portion')->assertOk();
        $this->done($this->fish, 'route')->assertOk();
        // None of them is too light to be served: Route has none to sort.
        self::assertNotContains(
            'portion',
            array_column((array) $this->api('GET', "/route/fish/{$this->fish}")->json('rows'), 'part'),
        );
        $cost = $this->api('GET', "/cost/fish/{$this->fish}")->assertOk();
        $each = (array) $cost->json('products.0.each');
        self::assertCount(13, $each);
        $cents = array_sum(
            array_map(
                fn (mixed $amount): int => (int) preg_replace('/\D/', '', is_string($amount) ? $amount : ''),
                array_column($each, 'amount'),
            ),
        );
        self::assertSame($cost->json('products.0.minor'), $cents);
    }

    public function test_what_makes_no_batch_is_refused_where_it_was_entered(): void
    {
        foreach (
            [
                [['fillets' => 0], '/fillets'],
                [['weighed' => ['heavy']], '/weighed/0'],
                [['per_fillet' => 50], '/per_fillet'],
                [['dish' => self::id()], '/dish'],
            ] as [$more, $where]
        ) {
            $this->api('POST', $this->at, $this->asked($more))
                ->assertStatus(422)
                ->assertJsonPath('errors.0.pointer', $where);
        }
        $heavy = $this->dish(900);
        $this->api('PUT', $this->at, $this->asked(['dish' => $heavy]))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/dish');
        // Half of it weighed one by one is no batch any more.
        foreach (['100 g', '99 g', '102 g'] as $mass) {
            $this->weigh($this->fish, 'portion', $mass, 'portion')->assertOk();
        }
        $this->api('PUT', $this->at, $this->asked())->assertStatus(409)->assertJsonPath('weighed', 3);
        // And only portions are weighed several together.
        $this->api('PUT', "/portion/fish/{$this->fish}/readings/".self::id(), [
            'part' => 'ends',
            'portions' => 3,
            'weight' => ['typed' => '40 g'],
        ])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/portions');
    }

    public function test_a_weight_of_several_that_is_taken_back_makes_the_next_no_several(): void
    {
        $read = fn (array $what): TestResponse => $this->api(
            'PUT',
            "/portion/fish/{$this->fish}/readings/".self::id(),
            ['part' => 'portion', ...$what],
        );
        $reading = (string) $read(['portions' => 12, 'weight' => ['typed' => '1210 g']])->json('portions.0.reading');
        // Weighed again, they are as many as they were.
        $again = $read(['replaces' => $reading, 'weight' => ['typed' => '1205 g']])->assertOk();
        self::assertSame(12, $again->json('portions.0.together'));
        $this->api(
            'PUT',
            "/portion/fish/{$this->fish}/readings/{$again->json('portions.0.reading')}/taken-back",
            ['reason' => 'undone'],
        )->assertOk();
        $one = $read(['weight' => ['typed' => '101 g']])->assertOk();
        self::assertSame([1, 'Portion 1'], [$one->json('portions.0.together'), $one->json('portions.0.name')]);
    }
}
