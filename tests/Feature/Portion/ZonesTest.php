<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Portion\CutPlan\BoardFillet;
use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;

/** A side by its zones, and its belly taken off before the cuts, off every portion, or left on. */
final class ZonesTest extends PlannedSide
{
    private string $fish;

    protected function setUp(): void
    {
        parent::setUp();
        $this->fish = explode('/', $this->at)[3];
    }

    /** @param  array<string, mixed>  $how */
    private function lay(array $how): void
    {
        $this->api('PUT', $this->at, $this->laying($how))->assertOk();
    }

    public function test_zones_share_out_the_side_with_their_dishes_and_nothing_is_kept(): void
    {
        Dish::query()->create([
            'name' => 'Belly, seared',
            'target_mg' => 60_000,
            'minus_mg' => 5000,
            'plus_mg' => 5000,
            'stretch' => 'belly',
            'price_minor' => 1400,
            'version' => 1,
        ]);
        $this->lay([]);
        $rows = DB::table('boards')->get()->toJson();
        $zones = $this->api('GET', "{$this->at}/zones")->assertOk();
        self::assertSame(['head-end', 'middle', 'tail', 'belly'], $zones->json('zones.*.zone'));
        $grams = array_map(floatval(...), array_filter((array) $zones->json('zones.*.mass.mg'), is_numeric(...)));
        self::assertEqualsWithDelta(1_480_000, array_sum(array_slice($grams, 0, 3)), 2000);
        self::assertEqualsWithDelta(0.08 * 1_480_000, $grams[3], 600);
        self::assertSame(['Belly, seared'], $zones->json('zones.3.dishes'));
        self::assertNotContains('Belly, seared', (array) $zones->json('zones.0.dishes'));
        self::assertCount(9, (array) $zones->json('ways'));
        self::assertContains(true, (array) $zones->json('ways.*.best'));
        self::assertGreaterThanOrEqual($zones->json('squared.portions'), $zones->json('squared.following'));
        self::assertSame($rows, DB::table('boards')->get()->toJson());
        // Belly and tail after are the same cuts as tail before.
        self::assertSame($zones->json('ways.0.portions'), $zones->json('ways.1.portions'));
    }

    public function test_a_belly_taken_off_first_is_asked_for_weighed_and_gone_from_the_plan(): void
    {
        $this->lay(['belly' => 'before']);
        $bench = $this->api('GET', "/portion/fish/{$this->fish}")->assertOk();
        self::assertSame('belly', $bench->json('plans.0.next.part'));
        self::assertEqualsWithDelta(118_000, $bench->json('plans.0.next.aim_mg'), 1000);
        $this->weigh($this->fish, 'belly', '130 g', 'portion', from: explode('/', $this->at)[5])->assertOk();
        $after = $this->api('GET', "/portion/fish/{$this->fish}")->assertOk();
        self::assertSame('ends', $after->json('plans.0.next.part'));
        self::assertSame(1_350_000, $after->json('plans.0.laid.mg'));
        // Off already: a zone of its own no more, and nothing to take off.
        $zones = $this->api('GET', "{$this->at}/zones")->assertOk();
        self::assertSame(['head-end', 'middle', 'tail'], $zones->json('zones.*.zone'));
        self::assertEquals(0, $zones->json('belly_pct'));
    }

    public function test_portions_whose_belly_comes_off_afterwards_are_cut_heavier(): void
    {
        $this->lay(['belly' => 'after']);
        $plan = $this->api('GET', $this->at)->assertOk();
        self::assertSame('after', $plan->json('plan.belly'));
        $planned = array_values(
            array_filter((array) $plan->json('plan.pieces'), fn (mixed $one) => data_get($one, 'what') === 'planned'),
        );
        self::assertEqualsWithDelta(170_000 / 0.92, data_get($planned, '0.mass.mg'), 500);
        self::assertSame('after', BoardFillet::query()->sole()->belly->value);
    }

    public function test_a_dish_of_the_middle_is_cut_from_there_alone(): void
    {
        Dish::query()->whereKey($this->plate)->update(['stretch' => 'middle']);
        $this->lay([]);
        foreach ((array) $this->api('GET', $this->at)->json('plan.pieces') as $piece) {
            if (data_get($piece, 'what') === 'planned') {
                $middle = ((float) data_get($piece, 'from_cm') + (float) data_get($piece, 'to_cm')) / 2 / 52;
                self::assertGreaterThanOrEqual(0.25 - 0.001, $middle);
                self::assertLessThanOrEqual(0.7 + 0.001, $middle);
            }
        }
        $this->api('PUT', $this->at, ['kinds' => [['dish' => $this->plate]], 'belly' => 'sometimes'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/belly');
    }
}
