<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Hold\Treatment\HouseTreatment;
use App\Kitchen\Settings;
use App\Plan\Order\PlacedOrder;
use App\Plan\Order\UblOrder;
use App\Portion\Dish\Dish;
use DOMDocument;
use DOMXPath;
use Illuminate\Support\Carbon;
use Tests\AsksAtMost;

final class OrdersTest extends PlanKitchen
{
    use AsksAtMost;

    /** @param  array<string, mixed>  $asked */
    private function hakeOrder(array $asked = []): mixed
    {
        $species = $this->species('Hake');

        return $this->api('POST', "/plan/order/{$species}", ['until' => self::FRIDAY, ...$asked])->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function about(string $species, string $until = self::FRIDAY): array
    {
        /** @var array<string, mixed> $answer */
        $answer = $this->api('POST', '/plan/order/'.$this->species($species), ['until' => $until])->assertOk()->json();

        return $answer;
    }

    public function test_the_season_says_how_it_is_what_it_suits_and_what_to_freeze_before_it_is_short(): void
    {
        self::assertNull($this->about('Swordfish')['season']);
        $hake = $this->about('Hake')['season'];
        self::assertSame(['November', 'good', false, []], [
            data_get($hake, 'month'),
            data_get($hake, 'fat'),
            data_get($hake, 'roe'),
            data_get($hake, 'unsuited'),
        ]);
        $dish = $this->dish(160);
        Dish::query()->whereKey($dish)->update(['species_id' => $this->species('Zander'), 'fat_grades' => 'good fat']);
        $menu = ['dishes' => [['dish' => $dish, 'share_pct' => 50]]];
        Carbon::setTestNow('2027-02-10 09:00:00');
        $this->service(self::id(), ['day' => '2027-02-12', ...$menu])->assertOk();
        $this->offer(self::id(), ['species' => $this->species('Zander'), 'state' => 'gutted'])->assertOk();
        $ahead = $this->about('Zander', '2027-02-12')['season'];
        self::assertSame(['April', 'May'], [data_get($ahead, 'ahead.from'), data_get($ahead, 'ahead.to')]);
        $portions = data_get($ahead, 'ahead.portions');
        self::assertEqualsWithDelta((60 / 7) * 30.4 * 2, $portions, 25);
        Carbon::setTestNow('2027-04-10 09:00:00');
        $this->service(self::id(), ['day' => '2027-04-12', 'covers' => 400, ...$menu])->assertOk();
        $now = $this->about('Zander', '2027-04-12')['season'];
        self::assertSame(['short', ['Dish 160'], null], [
            data_get($now, 'supply'),
            data_get($now, 'unsuited'),
            data_get($now, 'ahead'),
        ]);
        self::assertGreaterThan(0, data_get($now, 'fish'), 'lean fish gives less, so it takes more of them');
    }

    public function test_what_is_always_in_the_house_and_the_hands_for_an_order(): void
    {
        $path = '/plan/pars/'.$this->species('Hake');
        $this->api('PUT', $path, ['fish' => 6])->assertOk();
        $this->api('PUT', $path, ['fish' => 8, 'version' => 0])->assertStatus(409);
        $this->api('PUT', $path, ['fish' => 8, 'version' => 1])->assertOk();
        $this->api('PUT', $path, ['fish' => -1, 'version' => 2])->assertStatus(422);
        $this->received();
        self::assertSame(['fish' => 8, 'here' => 1, 'version' => 2], $this->about('Hake')['par']);
        self::assertNull($this->about('Hake')['hands']);
        $this->offer(self::id())->assertOk();
        $this->service(self::id(), ['dishes' => [['dish' => $this->hake(), 'share_pct' => 100]]])->assertOk();
        $free = fn (): mixed => $this->api('GET', '/plan/hands?day='.self::FRIDAY)->assertOk()->json('free');
        self::assertNull($free(), 'nobody is down to cut');
        $shift = ['from' => '08:00', 'to' => '10:00'];
        $this->api('PUT', '/plan/prep/'.self::FRIDAY."/shifts/{$this->cutter->id}", $shift)->assertOk();
        $hands = $this->about('Hake')['hands'];
        self::assertGreaterThan(120, data_get($hands, 'minutes'));
        self::assertSame(self::FRIDAY, data_get($hands, 'day'));
        self::assertLessThan(120, $free(), 'the fish that is here is cut too');
        // Fillets are dearer than whole fish: most of a fish is no fillet.
        self::assertGreaterThan(11.9, (float) ltrim((string) data_get($hands, 'even'), '€'));
        $this->actingAs($this->cutter);
        $this->api('PUT', $path, ['fish' => 1, 'version' => 2])->assertStatus(403);
    }

    public function test_fish_is_in_the_house_by_the_day_it_is_cut_on(): void
    {
        $this->offer(self::id())->assertOk();
        $dish = $this->hake();
        $service = self::id();
        $menu = fn (int $before): array => [
            'dishes' => [['dish' => $dish, 'share_pct' => 35, 'cut_before' => $before]],
        ];
        $by = fn (): mixed => $this->about('Hake')['by'];
        self::assertNull($by());
        $this->service($service, $menu(0))->assertOk();
        self::assertSame([self::FRIDAY, 'that-day'], [data_get($by(), 'day'), data_get($by(), 'why')]);
        $this->service($service, $menu(1) + ['version' => 1])->assertOk();
        self::assertSame(['2026-11-26', 'cut-before'], [data_get($by(), 'day'), data_get($by(), 'why')]);
        $this->service($service, $menu(0) + ['version' => 2])->assertOk();
        $cure = HouseTreatment::query()->where('name', 'Long cure')->value('id');
        Dish::query()->whereKey($dish)->update(['treatment_id' => $cure]);
        self::assertSame([self::TODAY, 'stands'], [data_get($by(), 'day'), data_get($by(), 'why')]);
    }

    public function test_a_friday_says_how_many_hake_and_how_often_they_run_short(): void
    {
        $dish = $this->hake();
        $this->service(self::id(), ['dishes' => [['dish' => $dish, 'share_pct' => 35]]])->assertOk();
        [$small, $large] = [self::id(), self::id()];
        $this->offer($small, ['from' => '1000 g', 'to' => '2000 g', 'price_per_kg' => '10.90'])->assertOk();
        $this->offer($large, ['from' => '3000 g', 'to' => '4000 g', 'price_per_kg' => '12.90', 'box' => 2])->assertOk();
        $order = $this->hakeOrder(['max_short_pct' => 5]);
        self::assertEqualsWithDelta(42, data_get($order, 'dishes.0.wanted.mean'), 0.1);
        self::assertSame([$small, $large], data_get($order, 'offers.*.id'));
        foreach ([0, 1] as $i) {
            self::assertTrue(data_get($order, "offers.{$i}.outcome.enough"));
            self::assertLessThanOrEqual(5.0, data_get($order, "offers.{$i}.outcome.short.pct"));
            self::assertGreaterThan(5.0, data_get($order, "offers.{$i}.outcome.fewer.short.pct"));
        }
        self::assertSame(0, (int) data_get($order, 'offers.1.outcome.fish') % 2, 'in whole boxes');
        // Seldomer short takes more fish, and a number of one's own says what it means.
        $careful = $this->hakeOrder(['max_short_pct' => 0.5]);
        self::assertGreaterThan(
            data_get($order, 'offers.0.outcome.fish'),
            data_get($careful, 'offers.0.outcome.fish'),
        );
        $own = $this->hakeOrder(['max_short_pct' => 5, 'offer' => $small, 'fish' => 12]);
        self::assertSame(12, data_get($own, 'offers.0.outcome.fish'));
        self::assertFalse(data_get($own, 'offers.0.outcome.enough'));
        self::assertSame(data_get($order, 'offers.1'), data_get($own, 'offers.1'));
    }

    public function test_fish_that_lies_in_the_house_is_not_bought_again(): void
    {
        $dish = $this->hake();
        $this->service(self::id(), ['dishes' => [['dish' => $dish, 'share_pct' => 35]]])->assertOk();
        $this->offer(self::id())->assertOk();
        $before = $this->hakeOrder();
        for ($i = 0; $i < 3; $i++) {
            $this->received();
        }
        $after = $this->hakeOrder();
        self::assertSame(3, data_get($after, 'dishes.0.fish'));
        self::assertGreaterThan(10, data_get($after, 'dishes.0.uncut'));
        self::assertLessThan(
            data_get($before, 'offers.0.outcome.fish'),
            data_get($after, 'offers.0.outcome.fish'),
        );
    }

    public function test_two_dishes_of_one_fish_are_both_kept_to(): void
    {
        $this->service(self::id(), [
            'covers' => 60,
            'dishes' => [
                ['dish' => $this->hake(), 'share_pct' => 30],
                ['dish' => $this->hake(80), 'share_pct' => 20],
            ],
        ])->assertOk();
        $this->offer(self::id())->assertOk();
        $outcome = data_get($this->hakeOrder(['max_short_pct' => 4]), 'offers.0.outcome');
        self::assertCount(2, (array) data_get($outcome, 'dishes'));
        foreach ((array) data_get($outcome, 'dishes.*.short.pct') as $pct) {
            self::assertLessThanOrEqual(4.0, $pct);
        }
        // The same number chosen by hand means the same, for both dishes; one fish fewer is short oftener.
        $offer = data_get($this->hakeOrder(), 'offers.0.id');
        $fish = (int) data_get($outcome, 'fish');
        $own = fn (int $many): mixed => data_get(
            $this->hakeOrder(['max_short_pct' => 4, 'offer' => $offer, 'fish' => $many]),
            'offers.0.outcome',
        );
        self::assertSame(data_get($outcome, 'dishes'), data_get($own($fish), 'dishes'));
        self::assertGreaterThan(4.0, max((array) data_get($own($fish - 1), 'dishes.*.short.pct')));
    }

    public function test_the_number_proposed_means_the_same_when_it_is_chosen_by_hand(): void
    {
        $this->service(self::id(), ['dishes' => [['dish' => $this->hake(), 'share_pct' => 35]]])->assertOk();
        $this->offer(self::id(), ['from' => '700 g', 'to' => '900 g'])->assertOk();
        $large = self::id();
        $this->offer($large, ['from' => '4000 g', 'to' => '6000 g'])->assertOk();
        $proposed = data_get($this->hakeOrder(), 'offers.1.outcome');
        $chosen = $this->hakeOrder(['offer' => $large, 'fish' => data_get($proposed, 'fish')]);
        foreach (['short', 'portions', 'surplus_mean', 'cost'] as $figure) {
            self::assertSame(data_get($proposed, $figure), data_get($chosen, "offers.1.outcome.{$figure}"), $figure);
        }
    }

    public function test_offers_too_thin_or_not_bought_here_are_left_out_and_say_why(): void
    {
        $dish = $this->hake();
        Dish::query()->whereKey($dish)->update(['thin_mm' => 26]);
        $this->service(self::id(), ['dishes' => [['dish' => $dish, 'share_pct' => 35]]])->assertOk();
        $this->offer(self::id(), ['from' => '700 g', 'to' => '900 g'])->assertOk();
        $this->offer(self::id(), ['from' => '3000 g', 'to' => '4000 g'])->assertOk();
        $order = $this->hakeOrder();
        self::assertStringContainsString('26', (string) data_get($order, 'offers.0.left_out'));
        self::assertNull(data_get($order, 'offers.0.outcome'));
        self::assertNull(data_get($order, 'offers.1.left_out'));
        $this->api('PUT', '/receive/sourcing/'.self::id(), [
            'species' => $this->species('Hake'),
            'reason' => 'stock too low this year',
        ])->assertOk();
        self::assertStringContainsString('stock too low', (string) data_get($this->hakeOrder(), 'offers.1.left_out'));
    }

    public function test_an_offer_upside_down_or_of_a_box_larger_than_what_there_is(): void
    {
        foreach (
            [
                [['from' => '3000 g', 'to' => '2000 g'], '/to'],
                [['box' => 8, 'available' => 5], '/box'],
                [['price_per_kg' => 'dear'], '/price_per_kg'],
                [['state' => 'tail'], '/state'],
            ] as [$what, $at]
        ) {
            $this->offer(self::id(), $what)->assertStatus(422)->assertJsonPath('errors.0.pointer', $at);
        }
    }

    public function test_an_order_goes_out_once_as_text_table_and_ubl_and_is_read_back_equal(): void
    {
        [$offer, $order] = [self::id(), self::id()];
        $this->offer($offer)->assertOk();
        $what = [
            'for_day' => self::FRIDAY,
            'note' => 'By seven, please: the yard is closed & wet.',
            'lines' => [['offer' => $offer, 'fish' => 12, 'short_pct' => 1.335]],
        ];
        $this->api('PUT', "/plan/orders/{$order}", $what)->assertOk()->assertJsonPath('0.number', 1);
        $this->api('PUT', "/plan/orders/{$order}", $what)->assertOk();
        $this->api('PUT', "/plan/orders/{$order}", ['for_day' => self::TODAY] + $what)->assertStatus(409);
        self::assertSame(1, PlacedOrder::query()->count());
        $text = (string) $this->api('GET', '/plan/orders')->json('0.text');
        self::assertStringContainsString('12 × Hake', $text);
        $xml = (string) $this->get("/api/plan/orders/{$order}/order.xml")->assertOk()->getContent();
        self::assertSame(
            [
                'number' => '1',
                'day' => self::FRIDAY,
                'supplier' => 'Harbourgate Fish',
                'total_minor' => 35700,
                'lines' => [
                    [
                        'name' => 'Hake',
                        'state' => 'gutted',
                        'from_g' => 2000,
                        'to_g' => 3000,
                        'fish' => 12,
                        'kg' => '30',
                        'price_minor' => 1190,
                        'cost_minor' => 35700,
                    ],
                ],
            ],
            UblOrder::read($xml, Settings::load()),
        );
        self::assertKeepsToItsRules($xml);
        $csv = (string) $this->get("/api/plan/orders/{$order}/order.csv")->assertOk()->getContent();
        self::assertStringContainsString('2026-11-27,Hake,gutted,2000,3000,12,30,11.90', $csv);
        $this->api('PUT', "/plan/orders/{$order}/dropped", ['version' => 7])->assertStatus(409);
        $this->api('PUT', "/plan/orders/{$order}/dropped", ['version' => 1])
            ->assertOk()
            ->assertJsonPath('0.dropped', true);
    }

    private static function assertKeepsToItsRules(string $xml): void
    {
        $document = new DOMDocument;
        self::assertTrue($document->loadXML($xml));
        $path = new DOMXPath($document);
        $path->registerNamespace('o', UblOrder::NS);
        $path->registerNamespace('cac', UblOrder::CAC);
        $path->registerNamespace('cbc', UblOrder::CBC);
        $rules = json_decode((string) file_get_contents(base_path('contract/ubl/order.rules.json')), true);
        self::assertGreaterThan(10, count((array) data_get($rules, 'rules')));
        foreach ((array) data_get($rules, 'rules') as $what => $rule) {
            self::assertIsString($rule);
            self::assertTrue($path->evaluate("boolean({$rule})"), (string) $what);
        }
    }

    public function test_an_order_is_of_one_supplier_in_whole_boxes_of_what_is_offered(): void
    {
        [$box, $other] = [self::id(), self::id()];
        $this->offer($box, ['box' => 4, 'available' => 8])->assertOk();
        $this->offer($other, ['supplier' => 'Tallow Street Fish'])->assertOk();
        $lines = fn (array ...$lines): array => ['for_day' => self::FRIDAY, 'lines' => array_values($lines)];
        foreach (
            [
                [$lines(['offer' => $box, 'fish' => 6]), '/lines/0/fish'],
                [$lines(['offer' => $box, 'fish' => 12]), '/lines/0/fish'],
                [$lines(['offer' => $box, 'fish' => 4], ['offer' => $other, 'fish' => 1]), '/lines/1/offer'],
                [$lines(['offer' => self::id(), 'fish' => 4]), '/lines/0/offer'],
                [['for_day' => '2026-11-20'] + $lines(['offer' => $box, 'fish' => 4]), '/for_day'],
            ] as [$what, $at]
        ) {
            $this->api('PUT', '/plan/orders/'.self::id(), $what)
                ->assertStatus(422)
                ->assertJsonPath('errors.0.pointer', $at);
        }
        self::assertSame(0, PlacedOrder::query()->count());
    }

    public function test_the_order_asks_a_bounded_number_of_times(): void
    {
        $dish = $this->hake();
        for ($i = 0; $i < 4; $i++) {
            $this->service(self::id(), ['dishes' => [['dish' => $dish, 'share_pct' => 35]]])->assertOk();
            $this->offer(self::id(), ['price_per_kg' => "1{$i}.90"])->assertOk();
            $this->received();
        }
        $this->assertAsksAtMost(15, fn () => $this->api('GET', '/plan/order')->assertOk());
        $species = $this->species('Hake');
        // Services, what is kept, the fish in the house with their weights, offers, yields and the house's prices.
        $this->assertAsksAtMost(
            32,
            fn () => $this->api('POST', "/plan/order/{$species}", ['max_short_pct' => 4])->assertOk(),
        );
        $this->assertAsksAtMost(15, fn () => $this->api('GET', '/plan/orders')->assertOk());
    }
}
