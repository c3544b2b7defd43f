<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use Illuminate\Support\Carbon;
use Tests\AsksAtMost;

final class TodayTest extends PlanKitchen
{
    use AsksAtMost;

    private const TONIGHT = ['day' => self::TODAY, 'kind' => 'banquet', 'covers' => 30];

    /** @return list<mixed> */
    private function codes(): array
    {
        return (array) $this->api('GET', '/plan/today')->assertOk()->json('says.*.code');
    }

    public function test_an_empty_book_says_nothing(): void
    {
        $this->api('GET', '/plan/today')->assertOk()->assertJsonPath('says', [])->assertJsonPath('services', []);
    }

    public function test_a_dish_short_tonight_is_said_until_there_is_enough_of_it(): void
    {
        $menu = [['dish' => $this->hake(), 'share_pct' => 100]];
        $this->service(self::id(), ['dishes' => $menu, ...self::TONIGHT])->assertOk();
        $today = $this->api('GET', '/plan/today')->assertOk();
        $today->assertJsonPath('says.0.code', 'short')
            ->assertJsonPath('says.0.values.missing', 30)
            ->assertJsonPath('services.0.dishes.0.wanted.mean', 30)
            ->assertJsonPath('services.0.dishes.0.there.low', 0);
        for ($i = 0; $i < 4; $i++) {
            $this->received();
        }
        self::assertSame([], $this->codes());
        $this->assertAsksAtMost(70, fn () => $this->api('GET', '/plan/today')->assertOk());
    }

    public function test_what_the_hands_of_the_day_will_not_have_ready_is_said(): void
    {
        $menu = [['dish' => $this->hake(), 'share_pct' => 100]];
        $this->service(self::id(), ['dishes' => $menu, ...self::TONIGHT, 'at' => '10:30'])->assertOk();
        for ($i = 0; $i < 4; $i++) {
            $this->received();
        }
        self::assertSame([], $this->codes(), 'nobody is down to cut, so nothing is planned');
        $path = '/plan/prep/'.self::TODAY."/shifts/{$this->cutter->id}";
        $this->api('PUT', $path, ['from' => '09:00', 'to' => '17:00'])->assertOk();
        $late = $this->api('GET', '/plan/today')->assertOk()->assertJsonPath('says.0.code', 'late');
        self::assertGreaterThan(0, $late->json('says.0.values.minutes'));
        $this->api('PUT', $path, ['from' => '09:00', 'to' => '09:20', 'version' => 1])->assertOk();
        $this->api('GET', '/plan/today')->assertOk()->assertJsonPath('says.0.values.minutes', null);
    }

    public function test_fish_of_the_days_to_come_is_neither_here_nor_ordered_until_it_is(): void
    {
        $offer = self::id();
        $this->offer($offer, ['order_by' => '11:00'])->assertOk();
        $menu = [['dish' => $this->hake(), 'share_pct' => 35]];
        $this->service(self::id(), ['dishes' => $menu])->assertOk();
        $said = $this->api('GET', '/plan/today')->assertOk()->json('says.0');
        self::assertSame('not-ordered', data_get($said, 'code'));
        self::assertSame('11:00', data_get($said, 'values.by'));
        self::assertEqualsWithDelta(42, data_get($said, 'values.missing'), 1);
        $order = self::id();
        $this->api('PUT', "/plan/orders/{$order}", [
            'for_day' => self::FRIDAY,
            'lines' => [['offer' => $offer, 'fish' => 12]],
        ])->assertOk();
        self::assertSame([], $this->codes());
        $this->api('PUT', "/plan/orders/{$order}/dropped", ['version' => 1])->assertOk();
        self::assertSame(['not-ordered'], $this->codes());
    }

    public function test_a_count_not_guaranteed_a_menu_left_empty_and_a_service_nobody_closed(): void
    {
        $banquet = self::id();
        $what = ['day' => '2026-11-26', 'kind' => 'banquet', 'name' => 'Guild'];
        $this->service($banquet, $what)->assertOk();
        self::assertSame(['no-count', 'no-menu'], $this->codes());
        $this->service($banquet, ['guaranteed' => 110, 'version' => 1, ...$what])->assertOk();
        self::assertSame(['no-menu'], $this->codes());
        Carbon::setTestNow('2026-11-27 08:00:00');
        self::assertSame(['not-sold'], $this->codes());
    }
}
