<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use Illuminate\Support\Carbon;
use Tests\AsksAtMost;

final class EventTest extends PlanKitchen
{
    use AsksAtMost;

    /** @param  array<string, mixed>  $other */
    private function banquet(string $id, array $other = []): void
    {
        $this->service($id, [
            'kind' => 'banquet',
            'name' => 'Guild dinner',
            'covers' => 160,
            'event' => 'The Guild',
            'quote' => '48.50',
            'dishes' => [['dish' => $this->hake(), 'share_pct' => 100]],
            ...$other,
        ])->assertOk();
    }

    public function test_a_guaranteed_count_is_said_in_portions_fish_hours_and_money(): void
    {
        $dinner = self::id();
        $this->banquet($dinner);
        $this->api('GET', "/plan/services/{$dinner}/event")->assertOk()->assertJsonPath('changes', []);
        $this->banquet($dinner, ['guaranteed' => 148, 'version' => 1]);
        $unknown = $this->api('GET', "/plan/services/{$dinner}/event")->assertOk();
        $unknown->assertJsonPath('changes.0.portions', -12)
            ->assertJsonPath('changes.0.fish', null)
            ->assertJsonPath('changes.0.cost', null)
            ->assertJsonPath('changes.0.minutes', -15);
        $this->offer(self::id())->assertOk();
        $known = $this->api('GET', "/plan/services/{$dinner}/event")->assertOk();
        self::assertLessThan(0, $known->json('changes.0.fish'));
        self::assertStringStartsWith('−€', (string) $known->json('cost'));
        $known->assertJsonPath('services.0.quoted', '€7178.00');
    }

    public function test_an_event_of_two_days_is_one_and_its_fish_is_what_was_sold(): void
    {
        $this->routed();
        $this->routed();
        $dish = $this->dish();
        $menu = ['dishes' => [['dish' => $dish, 'share_pct' => 100]]];
        \App\Portion\Dish\Dish::query()->whereKey($dish)->update(['species_id' => $this->species('Hake')]);
        [$dinner, $lunch] = [self::id(), self::id()];
        $this->banquet($dinner, $menu + ['covers' => 20]);
        $this->banquet($lunch, $menu + ['covers' => 10, 'name' => 'Lunch', 'day' => '2026-11-28', 'at' => '12:30']);
        $this->service(self::id(), ['name' => 'Another'])->assertOk();
        $event = $this->api('GET', "/plan/services/{$lunch}/event")->assertOk();
        $event->assertJsonPath('name', 'The Guild')
            ->assertJsonPath('services.*.name', ['Guild dinner', 'Lunch'])
            ->assertJsonPath('services.0.quoted', '€970.00')
            ->assertJsonPath('services.0.sold', false);
        $planned = $event->json('services.0.fish');
        Carbon::setTestNow('2026-11-27 23:00:00');
        $this->api('PUT', "/plan/services/{$dinner}/sold", [
            'act' => self::id(),
            'covers' => 18,
            'version' => 1,
            'dishes' => [['dish' => $dish, 'sold' => 10]],
        ])->assertOk();
        $after = $this->api('GET', "/plan/services/{$dinner}/event")->assertOk();
        $after->assertJsonPath('services.0.sold', true)->assertJsonPath('services.0.quoted', '€873.00');
        self::assertNotSame($planned, $after->json('services.0.fish'));
        $ten = (float) ltrim((string) $after->json('services.0.fish'), '€');
        $twenty = (float) ltrim((string) $planned, '€');
        self::assertEqualsWithDelta(2 * $ten, $twenty, 0.011);
        $this->assertAsksAtMost(25, fn () => $this->api('GET', "/plan/services/{$dinner}/event")->assertOk());
    }

    public function test_the_production_sheet_prints_and_money_is_the_head_chefs(): void
    {
        $dinner = self::id();
        $this->banquet($dinner);
        $pdf = $this->get("/api/plan/services/{$dinner}/production.pdf")->assertOk();
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        $this->paper("/plan/services/{$dinner}/production.pdf", 'The Guild');
        $this->api('PUT', "/plan/services/{$dinner}", [
            'day' => self::FRIDAY,
            'at' => '19:00',
            'kind' => 'banquet',
            'name' => 'Guild dinner',
            'covers' => 160,
            'quote' => 'dear',
            'dishes' => [],
            'version' => 1,
        ])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/quote');
        $this->api('GET', '/plan/services/'.self::id().'/event')->assertNotFound();
        $this->actingAs($this->cutter);
        $this->api('GET', "/plan/services/{$dinner}/event")->assertStatus(403);
        self::assertArrayNotHasKey('quote', (array) $this->api('GET', '/plan/services')->json('days.2.services.0'));
    }
}
