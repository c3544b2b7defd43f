<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Plan\Service\Service;
use App\Portion\Dish\Dish;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\AsksAtMost;

final class ServicesTest extends PlanKitchen
{
    use AsksAtMost;

    public function test_guests_who_must_not_have_something_are_told_with_the_dishes_that_have_it(): void
    {
        $dish = $this->hake();
        Dish::query()->whereKey($dish)->update(['allergens' => 'milk']);
        $service = self::id();
        $this->service($service, [
            'dishes' => [['dish' => $dish, 'share_pct' => 100, 'course' => 'first']],
            'allergies' => ['milk' => 4, 'nuts' => 2, 'eggs' => 0],
        ])->assertOk();
        $one = $this->api('GET', '/plan/services')->assertOk()->json('days.2.services.0');
        self::assertSame(
            [['milk', 4, ['Dish 180']], ['nuts', 2, []]],
            array_map(array_values(...), (array) data_get($one, 'allergies')),
        );
        self::assertSame('first', data_get($one, 'dishes.0.course'));
        $this->service($service, ['allergies' => ['milk' => -1], 'version' => 1])->assertStatus(422);
        $this->service($service, ['allergies' => ['moss' => 1], 'version' => 1])->assertStatus(422);
        $this->service($service, ['version' => 1])->assertOk()->assertJsonPath('days.2.services.0.allergies', []);
    }

    public function test_a_service_is_planned_once_changed_by_who_saw_the_latest_and_dropped(): void
    {
        $id = self::id();
        $dish = ['dish' => $this->hake(), 'share_pct' => 35];
        $planned = $this->service($id, ['dishes' => [$dish]])->assertOk();
        $friday = $planned->json('days.2');
        self::assertSame(self::FRIDAY, data_get($friday, 'day'));
        self::assertSame('Dinner', data_get($friday, 'services.0.name'));
        self::assertEqualsWithDelta(42, data_get($friday, 'services.0.dishes.0.portions.mean'), 0.05);
        // The same once more is the same; another change needs the version that was seen.
        $this->service($id, ['dishes' => [$dish]])->assertOk()->assertJsonPath('days.2.services.0.version', 1);
        $this->service($id, ['dishes' => [$dish], 'covers' => 90])->assertStatus(409);
        $this->service($id, ['dishes' => [$dish], 'covers' => 90, 'version' => 1])
            ->assertOk()
            ->assertJsonPath('days.2.services.0.version', 2);
        $this->service($id, ['dishes' => [$dish], 'covers' => 90, 'version' => 2, 'dropped' => true])
            ->assertOk()
            ->assertJsonPath('days.2.services', []);
    }

    public function test_a_banquet_is_cooked_for_its_guests_until_a_count_is_guaranteed(): void
    {
        $id = self::id();
        $what = [
            'kind' => 'banquet',
            'name' => 'Wedding',
            'covers' => 160,
            'no_show_pct' => 5,
            'no_show_sd_pct' => 3,
            'spare_pct' => 5,
            'dishes' => [
                ['dish' => $this->hake(), 'share_pct' => 100],
                ['dish' => $this->hake(90), 'chosen' => 40],
            ],
        ];
        $this->service($id, $what)
            ->assertOk()
            ->assertJsonPath('days.2.services.0.cooked_for.mean', 160)
            ->assertJsonPath('days.2.services.0.dishes.1.portions', ['low' => 42, 'mean' => 42, 'high' => 42]);
        $this->service($id, ['guaranteed' => 148, 'version' => 1, ...$what])
            ->assertOk()
            ->assertJsonPath('days.2.services.0.cooked_for', ['mean' => 156, 'sd' => 0])
            ->assertJsonPath('days.2.services.0.dishes.0.portions.mean', 156);
    }

    /** @param  array<string, mixed>  $what */
    #[TestWith([['covers' => -1], '/covers'])]
    #[TestWith([['covers' => 100_000], '/covers'])]
    #[TestWith([['day' => '2026-11-24'], '/day'])]
    #[TestWith([['day' => 'tomorrow'], '/day'])]
    #[TestWith([['at' => '25:00'], '/at'])]
    #[TestWith([['name' => '  '], '/name'])]
    #[TestWith([['no_show_pct' => 101], '/no_show_pct'])]
    #[TestWith([['dishes' => [['dish' => '01ARZ3NDEKTSV4RRFFQ69G5FAV']]], '/dishes/0/dish'])]
    public function test_what_cannot_be_is_refused_where_it_stands(array $what, string $at): void
    {
        $this->service(self::id(), $what)->assertStatus(422)->assertJsonPath('errors.0.pointer', $at);
        self::assertSame(0, Service::query()->count());
    }

    public function test_a_dish_of_no_fish_twice_or_for_more_than_all_is_not_on_a_menu(): void
    {
        $any = $this->dish(95);
        $hake = $this->hake();
        foreach (
            [
                [[['dish' => $any]], '/dishes/0/dish'],
                [[['dish' => $hake], ['dish' => $hake]], '/dishes/1/dish'],
                [[['dish' => $hake, 'share_pct' => 101]], '/dishes/0/share_pct'],
            ] as [$dishes, $at]
        ) {
            $this->service(self::id(), ['dishes' => $dishes])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.pointer', $at);
        }
    }

    public function test_what_was_sold_teaches_the_share_and_the_covers_of_a_weekday(): void
    {
        $dish = $this->hake();
        for ($week = 6; $week > 0; $week--) {
            Carbon::setTestNow(Carbon::parse(self::FRIDAY)->subWeeks($week)->setTime(9, 0));
            $id = self::id();
            $this->service($id, [
                'day' => Carbon::now()->format('Y-m-d'),
                'covers' => 60,
                'dishes' => [['dish' => $dish], ['dish' => $this->hake(90)]],
            ])->assertOk();
            Carbon::setTestNow(Carbon::now()->setTime(23, 0));
            $sold = [
                'act' => self::id(),
                'covers' => 80 + $week,
                'version' => 1,
                'dishes' => [['dish' => $dish, 'sold' => 20]],
            ];
            $this->api('PUT', "/plan/services/{$id}/sold", $sold)->assertOk();
            $this->api('PUT', "/plan/services/{$id}/sold", $sold)->assertOk();
            self::assertSame(2, Service::query()->findOrFail($id)->version, 'sent twice is one');
        }
        Carbon::setTestNow(self::TODAY.' 09:00:00');
        $next = $this->service(self::id(), ['covers' => 84, 'dishes' => [['dish' => $dish]]])->json('days.2');
        self::assertSame(6, data_get($next, 'services.0.dishes.0.learned'));
        $takes = data_get($next, 'services.0.dishes.0.takes_pct');
        self::assertGreaterThan(23.9, $takes);
        self::assertLessThan(60.0, $takes, 'drawn from all towards a quarter');
        self::assertSame(6, data_get($next, 'usual.from'));
        self::assertEqualsWithDelta(83.5, data_get($next, 'usual.covers'), 0.6);
    }

    public function test_nothing_was_sold_of_what_is_still_to_come(): void
    {
        $id = self::id();
        $this->service($id, ['dishes' => [['dish' => $this->hake()]]]);
        $this->api('PUT', "/plan/services/{$id}/sold", [
            'act' => self::id(),
            'covers' => 80,
            'version' => 1,
            'dishes' => [],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/covers');
    }

    public function test_tonight_wants_what_the_services_of_the_day_want_until_somebody_types_another_number(): void
    {
        $dish = $this->hake();
        $banquet = ['day' => self::TODAY, 'kind' => 'banquet', 'dishes' => [['dish' => $dish, 'share_pct' => 100]]];
        $this->service(self::id(), ['at' => '12:30', 'name' => 'Lunch', 'covers' => 30, ...$banquet])->assertOk();
        $this->service(self::id(), ['covers' => 24, ...$banquet])->assertOk();
        $tonight = $this->api('GET', '/portion/tonight')->json('groups.0.dishes.0');
        self::assertSame([54, true], [data_get($tonight, 'need'), data_get($tonight, 'planned')]);
        $typed = $this->api('PUT', "/portion/tonight/{$dish}", ['need' => 60])->json('groups.0.dishes.0');
        self::assertSame([60, false], [data_get($typed, 'need'), data_get($typed, 'planned')]);
    }

    public function test_a_cutter_reads_the_services_and_plans_none(): void
    {
        $this->actingAs(Person::query()->where('role', Role::Cutter->value)->firstOrFail());
        $this->service(self::id())->assertStatus(403);
        $this->api('GET', '/plan/services')->assertOk();
        $this->api('GET', '/plan/order')->assertStatus(403);
        $this->api('GET', '/plan/orders')->assertStatus(403);
    }

    public function test_many_services_ask_no_more_than_few(): void
    {
        $dish = $this->hake();
        for ($i = 0; $i < 6; $i++) {
            $this->service(self::id(), ['name' => "Dinner {$i}", 'dishes' => [['dish' => $dish]]])->assertOk();
        }
        $this->assertAsksAtMost(15, fn () => $this->api('GET', '/plan/services')->assertOk());
    }
}
