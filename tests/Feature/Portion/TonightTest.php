<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Portion\Dish\Dish;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Tonight's demand over the fillets that wait. */
final class TonightTest extends TestCase
{
    private string $plate;

    private string $tasting;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->plate = $this->dish();
        $this->tasting = $this->dish(70, 1100);
        Dish::query()->update(['species_id' => $this->species('Hake')]);
    }

    private function filleted(string $first = '1515 g', string $second = '1500 g'): string
    {
        $fish = $this->received();
        foreach (
            ['head' => '650 g', 'frame' => '520 g', 'side-a' => $first, 'side-b' => $second] as $part => $grams
        ) {
            $this->weigh($fish, $part, $grams)->assertOk();
        }
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();

        return $fish;
    }

    private function want(string $dish, int $need): void
    {
        $this->api('PUT', "/portion/tonight/{$dish}", ['need' => $need])->assertOk();
    }

    public function test_the_fillets_are_dealt_out_and_a_shortage_is_said(): void
    {
        $fish = [$this->filleted(), $this->filleted()];
        $this->want($this->plate, 40);
        $this->want($this->tasting, 12);
        $run = self::id();
        $this->api('GET', "/portion/tonight/runs/{$run}")->assertNotFound();
        $dealt = $this->api('POST', "/portion/tonight/runs/{$run}")->assertOk();
        $group = $dealt->json('groups.0');
        self::assertIsArray($group);
        self::assertSame('Hake', $group['fish']);
        self::assertCount(4, (array) $dealt->json('groups.0.fillets'));
        $plates = (array) $dealt->json('groups.0.dishes.0');
        self::assertSame(40, $plates['need']);
        self::assertSame(40 - $plates['short'], $plates['comes']);
        self::assertGreaterThan(0, $plates['short']);
        self::assertSame(
            "{$plates['short']} of Dish 170 and {$dealt->json(
                'groups.0.dishes.1.short',
            )} of Dish 70 will be short tonight.",
            $dealt->json('groups.0.said'),
        );
        self::assertSame(0, $dealt->json('groups.0.gap_pct'));
        // Whole pieces only, and no more than a fillet gives.
        $counted = 0;
        foreach ((array) $dealt->json('groups.0.fillets') as $fillet) {
            $counts = array_column((array) data_get($fillet, 'counts'), 'count', 'dish');
            self::assertLessThanOrEqual(
                data_get($fillet, 'available.mg'),
                170_000 * $counts[$this->plate] + 70_000 * $counts[$this->tasting],
            );
            $counted += $counts[$this->plate];
        }
        self::assertSame($plates['comes'], $counted);
        self::assertSame(1, $this->api('GET', "/portion/tonight/runs/{$run}")->json('done'));
        self::assertCount(2, array_unique((array) $dealt->json('groups.0.fillets.*.fish')));
        self::assertSame($fish[0], $dealt->json('groups.0.fillets.0.fish'));
    }

    public function test_what_was_cut_is_off_the_demand_and_the_rest_is_dealt_anew(): void
    {
        $fish = $this->filleted();
        $this->want($this->plate, 10);
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $this->plate, 'version' => $version])->assertOk();
        foreach (['170 g', '172 g', '150 g'] as $grams) {
            $this->weigh($fish, 'portion', $grams, 'portion')->assertOk();
        }
        $dealt = $this->api('POST', '/portion/tonight/runs/'.self::id())->assertOk();
        // The one of 150 g is too light to be served as it.
        self::assertSame(
            [10, 2, 8, 0],
            [
                $dealt->json('groups.0.dishes.0.need'),
                $dealt->json('groups.0.dishes.0.made'),
                $dealt->json('groups.0.dishes.0.comes'),
                $dealt->json('groups.0.dishes.0.short'),
            ],
        );
        self::assertSame('There is enough for all that is wanted.', $dealt->json('groups.0.said'));
    }

    public function test_what_the_cook_fixed_on_a_fillet_stays_and_the_others_are_dealt_around_it(): void
    {
        $fish = $this->filleted();
        $this->want($this->plate, 12);
        $this->want($this->tasting, 6);
        $side = (string) $this->api('GET', "/portion/fish/{$fish}")->json('sources.0.piece');
        $this->api('PUT', "/portion/fish/{$fish}/fillets/{$side}", [
            'kinds' => [['dish' => $this->plate, 'max' => 2], ['dish' => $this->tasting, 'max' => 4]],
        ])->assertOk();
        // Before anything is dealt out, nothing is said to be short.
        self::assertNull($this->api('GET', '/portion/tonight')->json('groups.0.dishes.0.short'));
        foreach ([1, 2] as $ignored) {
            $group = $this->api('POST', '/portion/tonight/runs/'.self::id())->assertOk()->json('groups.0');
            $fixed = collect((array) data_get($group, 'fillets'))->keyBy('piece')->get($side);
            self::assertTrue(data_get($fixed, 'fixed'));
            self::assertSame(
                [$this->plate => 2, $this->tasting => 4],
                array_column((array) data_get($fixed, 'counts'), 'count', 'dish'),
            );
            $free = collect((array) data_get($group, 'fillets'))->firstWhere('fixed', false);
            // The other side gives what is left of it, and no more than that.
            $counts = array_column((array) data_get($free, 'counts'), 'count', 'dish');
            self::assertLessThanOrEqual(2, $counts[$this->tasting]);
            self::assertGreaterThan(4, $counts[$this->plate]);
            self::assertSame(2 + $counts[$this->plate], data_get($group, 'dishes.0.comes'));
        }
    }

    public function test_a_dish_of_the_tail_is_dealt_to_tails_alone(): void
    {
        $this->filleted();
        Dish::query()
            ->whereKey($this->tasting)
            ->update(['stretch' => 'tail']);
        $this->want($this->plate, 4);
        $this->want($this->tasting, 30);
        $group = $this->api('POST', '/portion/tonight/runs/'.self::id())->assertOk()->json('groups.0');
        foreach ((array) data_get($group, 'fillets') as $fillet) {
            $counts = array_column((array) data_get($fillet, 'counts'), 'count', 'dish');
            // By weight alone a side would give twenty; its tail third a few.
            self::assertLessThan(9, $counts[$this->tasting]);
            self::assertGreaterThan(0, $counts[$this->tasting]);
        }
        self::assertGreaterThan(0, data_get($group, 'dishes.1.short'));
    }

    public function test_fish_not_cut_yet_count_with_what_they_should_give_and_a_chance(): void
    {
        $this->received();
        $this->received();
        $this->want($this->plate, 20);
        $group = $this->api('GET', '/portion/tonight')->assertOk()->json('groups.0');
        self::assertSame(2, data_get($group, 'uncut'));
        [$about, $sure] = [data_get($group, 'dishes.0.uncut.about'), data_get($group, 'dishes.0.uncut.sure')];
        self::assertGreaterThan(10, $about);
        self::assertLessThanOrEqual($about, $sure);
        self::assertGreaterThan(0, $sure);
        // Once cut and on the portion bench it is no uncut fish any more.
        $this->filleted();
        self::assertSame(2, $this->api('GET', '/portion/tonight')->json('groups.0.uncut'));
    }

    public function test_a_dish_that_comes_first_is_the_last_to_run_short(): void
    {
        $this->filleted('400 g', '300 g');
        Dish::query()
            ->whereKey($this->tasting)
            ->update(['value_minor' => 500, 'priority' => 'usual']);
        Dish::query()
            ->whereKey($this->plate)
            ->update(['value_minor' => 1000, 'priority' => 'usual']);
        $this->want($this->plate, 4);
        $this->want($this->tasting, 9);
        $short = fn (): array => array_column(
            (array) $this->api('POST', '/portion/tonight/runs/'.self::id())->json('groups.0.dishes'),
            'short',
            'dish',
        );
        $tasting = $short()[$this->tasting];
        $this->api('GET', '/portion/tonight')->assertOk();
        Dish::query()
            ->whereKey($this->plate)
            ->update(['priority' => 'first']);
        self::assertGreaterThan($tasting, $short()[$this->tasting]);
    }

    public function test_no_fillets_no_demand_and_a_dish_no_fillet_is_long_enough_for(): void
    {
        self::assertSame('', $this->api('GET', '/portion/tonight')->json('groups.0.said'));
        $this->want($this->plate, 12);
        $dealt = $this->api('POST', '/portion/tonight/runs/'.self::id())->assertOk();
        self::assertSame('12 of Dish 170 will be short tonight.', $dealt->json('groups.0.said'));
        $this->want($this->plate, 0);
        self::assertSame('', $this->api('POST', '/portion/tonight/runs/'.self::id())->json('groups.0.said'));
        $this->filleted('120 g', '110 g');
        $this->want($this->plate, 3);
        self::assertSame(
            '3 of Dish 170 will be short tonight.',
            $this->api('POST', '/portion/tonight/runs/'.self::id())->json('groups.0.said'),
        );
    }

    public function test_nobody_wants_less_than_nothing_or_a_dish_that_is_gone(): void
    {
        $this->api('PUT', "/portion/tonight/{$this->plate}", ['need' => -1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/need');
        $this->api('PUT', '/portion/tonight/'.self::id(), ['need' => 4])->assertStatus(422);
        self::assertSame(0, DB::table('wanted')->count());
    }

    public function test_two_hundred_fillets_are_dealt_out(): void
    {
        $fish = $this->filleted();
        $side = $this->api('GET', "/portion/fish/{$fish}")->json('sources.0.piece');
        $pieces = DB::table('pieces')->where('id', $side)->get()->map(fn ($row): array => (array) $row)->all();
        $readings = DB::table('readings')
            ->where('piece_id', $side)
            ->get()
            ->map(fn ($row): array => (array) $row)
            ->all();
        for ($i = 0; $i < 198; $i++) {
            $id = self::id();
            DB::table('pieces')->insert([...$pieces[0], 'id' => $id, 'place' => 100 + $i]);
            DB::table('readings')->insert([
                ...$readings[0],
                'id' => self::id(),
                'seq' => 1000 + $i,
                'piece_id' => $id,
                'mass_mg' => 900_000 + 4000 * $i,
            ]);
        }
        $this->want($this->plate, 900);
        $this->want($this->tasting, 600);
        $dealt = $this->api('POST', '/portion/tonight/runs/'.self::id())->assertOk();
        self::assertCount(200, (array) $dealt->json('groups.0.fillets'));
        self::assertLessThan(0.1, $dealt->json('groups.0.gap_pct'));
    }
}
