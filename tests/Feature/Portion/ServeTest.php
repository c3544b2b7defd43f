<?php

declare(strict_types=1);

namespace Tests\Feature\Portion;

use App\Fish\Fish;
use App\Portion\Dish\Dish;
use App\Portion\Tray\PortionTray;
use App\Portion\Tray\TrayLabels;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What a dish asks for acts: on the board's weight, on the date, on the label, on which fish may be used. */
final class ServeTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    private function store(string $id, array $what): TestResponse
    {
        return $this->api('PUT', "/portion/dishes/{$id}", [
            'name' => 'Hake, white beans',
            'target' => '160 g',
            'minus' => '6 g',
            'plus' => '8 g',
            'species' => $this->species('Hake'),
            ...$what,
        ]);
    }

    /** A fish with two sides on the portion bench, for a dish. */
    private function portioned(string $dish, string ...$grams): string
    {
        $fish = $this->received('4210 g', ['species' => $this->species('Hake')]);
        $this->weigh($fish, 'side-a', '1515 g')->assertOk();
        $this->weigh($fish, 'side-b', '1500 g')->assertOk();
        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $dish, 'version' => $version])->assertOk();
        foreach ($grams as $one) {
            $this->weigh($fish, 'portion', $one, 'portion')->assertOk();
        }

        return $fish;
    }

    public function test_a_dish_whose_skin_comes_off_after_is_cut_heavier_so_that_it_weighs_right_on_the_plate(): void
    {
        $id = self::id();
        $this->store($id, ['preparations' => ['skin-off']])
            ->assertOk();
        $dish = Dish::query()->findOrFail($id);
        self::assertCount(1, $dish->lost());
        $share = $dish->lost()[0]->pct;
        // The kind's own share of skin, and not the general one.
        self::assertNotEqualsWithDelta(8.0, $share, 0.001);
        $board = $dish->band()->target->grams();
        self::assertEqualsWithDelta(160.0, $board * (1 - $share / 100), 0.001);
        $fish = $this->portioned($id, round($board).' g', '160 g');
        $bench = $this->api('GET', "/portion/fish/{$fish}")->assertOk();
        self::assertSame(['160 g'], $bench->json('dishes.*.plate'));
        self::assertEqualsWithDelta($board, $bench->json('dishes.0.target.mg') / 1000, 0.001);
        // What weighs on the board what it should on the plate is too light.
        self::assertSame([0, 1], [$bench->json('tally.over'), $bench->json('tally.under')]);
    }

    public function test_the_class_decides_date_and_label_and_whether_the_fish_may_be_used(): void
    {
        $id = self::id();
        $this->store($id, ['service' => 'seared'])->assertOk();
        $fish = $this->portioned($id, '160 g');
        $piece = $this->api('GET', "/portion/fish/{$fish}")->json('portions.0.piece');
        $make = fn (): TestResponse => $this->api('PUT', '/portion/batches/'.self::id(), [
            'dish' => $id,
            'pieces' => [$piece],
        ]);
        // Seared only outside it is raw by the rules: a wild fish without a freezing record is not.
        $refused = $make()->assertStatus(422);
        self::assertStringContainsString('does not meet', (string) $refused->json('detail'));
        $version = Dish::query()->findOrFail($id)->version;
        $this->store($id, ['service' => 'cooked', 'version' => $version])->assertOk();
        $make()->assertOk();
        $tray = PortionTray::query()->with(['dish', 'maker', 'pieces.readings.void'])->sole();
        $said = fn (PortionTray $of): string => (new TrayLabels($of, [Fish::onTheBench($fish)]))->tray()->contains;
        self::assertStringContainsString('cook through', $said($tray));
        foreach (['raw', 'seared', 'marinated', 'lightly-cured', 'cured'] as $class) {
            $tray->dish->forceFill(['service' => $class]);
            self::assertStringNotContainsString('cook through', $said($tray), $class);
        }
        self::assertStringContainsString('raw by the rules', $said($tray));
    }

    public function test_what_cannot_be_asked_for_is_refused_where_it_stands(): void
    {
        foreach ([
            [['preparations' => ['fold', 'fold']], '/preparations/1'],
            [['preparations' => ['skin-off', 'score']], '/preparations/1'],
            [['preparations' => ['boil']], '/preparations/0'],
            [['service' => 'boiled'], '/service'],
        ] as [$what, $where]) {
            $refused = $this->store(self::id(), $what)->assertStatus(422);
            self::assertSame($where, $refused->json('errors.0.pointer'));
        }
        self::assertSame(0, Dish::query()->where('name', 'Hake, white beans')->count());
    }

    public function test_a_dish_in_sizes_shares_its_orders_and_no_more_than_all_of_them(): void
    {
        $main = $this->dish(170);
        $store = fn (string $id, array $more): TestResponse => $this->api('PUT', "/portion/dishes/{$id}", [
            'name' => "Size {$id}",
            'target' => '90 g',
            'minus' => '4 g',
            'plus' => '4 g',
            'size_of' => $main,
            ...$more,
        ]);
        [$tasting, $large] = [self::id(), self::id()];
        $store($tasting, ['share_pct' => 30])->assertOk()->assertJsonPath('size_of', $main);
        $store($large, ['share_pct' => 80])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/share_pct');
        $store($large, ['share_pct' => 20])->assertOk();
        // A size of a size, or of itself, is none.
        $store(self::id(), ['size_of' => $tasting])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/size_of');
        $store($main, ['size_of' => $tasting])->assertStatus(422);
        Dish::query()->update(['species_id' => $this->species('Hake')]);
        $this->api('PUT', "/portion/tonight/{$main}", ['need' => 40])->assertOk();
        $wanted = fn (): array => array_column(
            (array) $this->api('GET', '/portion/tonight')->json('groups.0.dishes'),
            'need',
            'dish',
        );
        self::assertSame([40, 0, 0], [$wanted()[$main], $wanted()[$tasting], $wanted()[$large]]);
        $this->api('PUT', "/portion/tonight/{$main}", ['need' => 40, 'shared' => true])->assertOk();
        self::assertSame([20, 12, 8], [$wanted()[$main], $wanted()[$tasting], $wanted()[$large]]);
    }

    public function test_what_else_stands_on_the_plate_is_on_its_label_by_the_house_s_list(): void
    {
        $dish = self::id();
        $this->api('PUT', "/portion/dishes/{$dish}", [
            'name' => 'Hake, butter',
            'target' => '170 g',
            'minus' => '6 g',
            'plus' => '8 g',
            'allergens' => ['milk', 'celery'],
        ])
            ->assertOk()
            ->assertJsonPath('allergens', ['milk', 'celery']);
        $at = $this->boardedSide();
        $fish = explode('/', $at)[3];
        $version = $this->api('GET', "/portion/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/portion/fish/{$fish}/dish", ['dish' => $dish, 'version' => $version])->assertOk();
        $this->weigh($fish, 'portion', '170 g', 'portion')->assertOk();
        $piece = (string) $this->api('GET', "/portion/fish/{$fish}")->json('portions.0.piece');
        $tray = $this->api('PUT', '/portion/batches/'.self::id(), ['dish' => $dish, 'pieces' => [$piece]])->assertOk();
        $contains = (string) $tray->json('tray_label.contains');
        self::assertStringContainsString('milk', $contains);
        self::assertStringContainsString('celery', $contains);
        $this->api('PUT', "/portion/dishes/{$dish}", [
            'name' => 'Hake, butter',
            'target' => '170 g',
            'minus' => '6 g',
            'plus' => '8 g',
            'allergens' => ['butter'],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/allergens/0');
    }
}
