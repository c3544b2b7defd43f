<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fish\Fish;
use App\Portion\Dish\Dish;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\AsksAtMost;
use Tests\TestCase;

/** What a request may ask of the database, whatever lies in it. */
final class QueryBudgetTest extends TestCase
{
    use AsksAtMost;

    private const A_READING = 25;

    private const A_LIST = 15;

    private const TONIGHT = 40;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    public function test_a_reading_at_break_down(): void
    {
        $fish = $this->received();
        $method = $this->api('GET', "/breakdown/fish/{$fish}")->json('methods.0.method');
        $this->api('PUT', "/breakdown/fish/{$fish}/method", [
            'method' => $method,
            'choices' => (object) [],
            'version' => $this->api('GET', "/breakdown/fish/{$fish}")->json('fish.version'),
        ])->assertOk();
        foreach (['head' => '650 g', 'side-a' => '1515 g', 'side-b' => '1500 g'] as $part => $typed) {
            $this->weigh($fish, $part, $typed)->assertOk();
        }
        $this->assertAsksAtMost(self::A_READING, fn () => $this->weigh($fish, 'frame', '520 g')->assertOk());
        $this->done($fish, 'breakdown');
        $this->assertAsksAtMost(self::A_READING, fn () => $this->weigh($fish, 'fins', '20 g')->assertOk());
    }

    public function test_a_reading_at_portion_with_and_without_a_plan_on_the_board(): void
    {
        $fish = $this->filleted();
        $this->weigh($fish, 'portion', '170 g', 'portion')->assertOk();
        $this->assertAsksAtMost(
            self::A_READING,
            fn () => $this->weigh($fish, 'portion', '171 g', 'portion')->assertOk(),
        );

        $fish = $this->filleted();
        $bench = $this->api('GET', "/portion/fish/{$fish}");
        $dish = $bench->json('dish');
        $piece = $bench->json('sources.0.piece');
        self::assertIsString($piece);
        $this->api('PUT', "/portion/fish/{$fish}/fillets/{$piece}", [
            'length' => '52 cm',
            'thickness' => '34 mm',
            'kinds' => [['dish' => $dish]],
        ])->assertOk();
        $this->cut($fish, $piece, 'ends', '40 g')();
        $this->cut($fish, $piece, 'portion', '170 g')();
        $this->assertAsksAtMost(self::A_READING, $this->cut($fish, $piece, 'portion', '171 g'));
    }

    public function test_tonight_over_sixty_fillets(): void
    {
        for ($i = 0; $i < 30; $i++) {
            $this->filleted($i % 2 === 0 ? 'Hake' : 'Zander');
        }
        DB::table('wanted')->insert([
            'day' => now()->format('Y-m-d'),
            'dish_id' => Fish::query()->firstOrFail()->dish_id,
            'need' => 20,
        ]);
        $answer = $this->assertAsksAtMost(self::TONIGHT, fn () => $this->api('GET', '/portion/tonight')->assertOk());
        $fillets = $answer->json('groups.*.fillets.*.piece');
        self::assertIsArray($fillets);
        self::assertCount(60, $fillets);
    }

    public function test_servings_of_forty_pieces_and_the_zones_of_a_side(): void
    {
        $fish = $this->filleted();
        $dish = self::id();
        $this->api('PUT', "/portion/dishes/{$dish}", [
            'name' => 'Pairs',
            'target' => '60 g',
            'minus' => '8 g',
            'plus' => '8 g',
            'per_plate' => 2,
        ])->assertOk();
        for ($i = 0; $i < 40; $i++) {
            $this->api('PUT', "/portion/fish/{$fish}/readings/".self::id(), [
                'part' => 'portion',
                'dish' => $dish,
                'weight' => ['typed' => (25 + $i % 11).' g'],
            ])->assertOk();
        }
        $this->assertAsksAtMost(self::A_LIST, fn () => $this->api('GET', '/portion/servings')->assertOk());
        $side = $this->api('GET', "/portion/fish/{$fish}")->json('sources.0.piece');
        self::assertIsString($side);
        $this->assertAsksAtMost(
            self::A_READING,
            fn () => $this->api('GET', "/portion/fish/{$fish}/fillets/{$side}/zones")->assertOk(),
        );
    }

    public function test_every_list(): void
    {
        for ($i = 0; $i < 2; $i++) {
            $this->received();
            $this->filleted();
            $this->routed();
            $this->done($this->routed(), 'cost')->assertOk();
        }
        // What has changed since the log was last opened is entered by whoever opens it, a hundred fish in few queries.
        $this->assertAsksAtMost(40, fn () => $this->api('GET', '/log')->assertOk(), 'the log, catching up');
        $this->assertAsksAtMost(25, fn () => $this->api('GET', '/cost/plates')->assertOk(), 'costs not kept yet');
        foreach ([
            '/spine',
            '/receive',
            '/receive/cold-room',
            '/receive/deliveries',
            '/breakdown',
            '/breakdown/trays',
            '/portion',
            '/portion/dishes',
            '/portion/batches',
            '/portion/shapes',
            '/route',
            '/route/bins',
            '/route/bins/mince',
            '/route/house',
            '/route/batches',
            '/cost',
            '/cost/plates',
            '/cost/prices',
            '/cost/ready-cut',
            '/log',
            '/fish',
            '/kitchen/people',
            '/kitchen/settings',
        ] as $list) {
            $this->assertAsksAtMost(self::A_LIST, fn () => $this->api('GET', $list)->assertOk(), $list);
        }
    }

    /** A fish whose two sides wait to be portioned for a dish. */
    private function filleted(string $species = 'Hake'): string
    {
        $fish = $this->received('4210 g', ['species' => $this->species($species)]);
        $this->weigh($fish, 'side-a', '1515 g')->assertOk();
        $this->weigh($fish, 'side-b', '1500 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $this->api('PUT', "/portion/fish/{$fish}/dish", [
            'dish' => Dish::query()->first()->id ?? $this->dish(),
            'version' => $this->api('GET', "/portion/fish/{$fish}")->json('fish.version'),
        ])->assertOk();

        return $fish;
    }

    /**
     * @return Closure(): TestResponse<Response> cuts where the plan says
     */
    private function cut(string $fish, string $piece, string $part, string $typed): Closure
    {
        $next = $this->api('GET', "/portion/fish/{$fish}")->json('plans.0.next');
        self::assertIsArray($next);

        return fn (): TestResponse => $this->api('PUT', "/portion/fish/{$fish}/readings/".self::id(), array_filter([
            'part' => $part,
            'from' => $piece,
            'weight' => ['typed' => $typed],
            'to_cm' => $next['to_cm'],
            'dish' => $next['dish'],
        ]))->assertOk();
    }
}
