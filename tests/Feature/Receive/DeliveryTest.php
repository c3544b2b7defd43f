<?php

declare(strict_types=1);

namespace Tests\Feature\Receive;

use App\Fish\Delivery;
use App\Fish\Fish;
use App\Fish\Reading;
use App\Fish\Stage;
use PHPUnit\Framework\Attributes\DataProvider;

final class DeliveryTest extends AtTheDoor
{
    public function test_eleven_fish_on_three_lines_come_to_a_claim_right_to_the_gram_and_the_cent(): void
    {
        $hake = $this->line('Hake', ['count' => 4, 'invoiced' => '13.2 kg', 'price' => '9.80', 'lot' => 'H-2311']);
        $brill = $this->line('Brill', ['count' => 3, 'invoiced' => '6.95 kg', 'price' => '18.60']);
        $mackerel = $this->line('Atlantic mackerel', [
            'state' => 'round',
            'count' => 4,
            'invoiced' => '3.21 lb',
            'price' => '3.20',
            'price_unit' => 'lb',
        ]);
        foreach (['3310 g', '3195 g', '3280 g', '3000 g'] as $grams) {
            $this->weighIn($hake, $grams)->assertOk();
        }
        $sour = self::id();
        foreach ([['2310 g', self::id()], ['2325 g', $sour], ['2315 g', self::id()]] as [$grams, $fish]) {
            $this->weighIn($brill, $grams, [], $fish)->assertOk();
        }
        foreach (['360 g', '365 g', '370 g'] as $grams) {
            $this->weighIn($mackerel, $grams)->assertOk();
        }
        $warm = self::id();
        $this->weighIn($mackerel, '360 g', [], $warm)->assertOk();
        $this->inspect($hake)->assertOk()->assertJsonPath('lines.0.inspections.0.verdict', 'accept');
        $this->inspect($brill, ['fish' => [$sour], 'grades' => [...self::BRIGHT, 'smell' => 3]])->assertOk();
        $this->inspect($mackerel, ['fish' => [$warm], 'temperature' => ['typed' => '7.2']])->assertOk();
        $door = $this->close()->assertOk()->assertJsonPath('delivery.fish', 11);

        // 13200 − 12785 = 415 g at 9.80; 2325 g at 18.60; 360 g is 0.79366 lb at 3.20.
        self::assertSame(['€4.07', '€43.25', '€2.54'], data_get($door->json(), 'claim.items.*.money'));
        self::assertSame('€49.86', $door->json('claim.total'));
        $text = (string) $door->json('claim.text');
        self::assertStringContainsString('Your delivery HG-2041', $text);
        self::assertStringContainsString(
            '1. Hake: invoiced 13200 g, received 12785 g. Short 415 g at €9.80 a kg: €4.07.',
            $text,
        );
        self::assertStringContainsString(
            '2. Brill: refused 1 fish, 2325 g. Smell: sour or ammonia. That alone refuses it. '.
                'At €18.60 a kg: €43.25.',
            $text,
        );
        self::assertStringContainsString('3. Atlantic mackerel: refused 1 fish, 360 g. 7.2 °C at the core', $text);
        self::assertStringContainsString('Please credit €49.86.', $text);
        self::assertSame(
            [9, 2],
            [
                Fish::query()->where('stage', Stage::BreakDown)->count(),
                Fish::query()->where('stage', Stage::Refused)->count(),
            ],
        );

        $this->api('GET', '/receive/deliveries?q=harbour')
            ->assertOk()
            ->assertJsonPath('deliveries.0.claimed', '€49.86')
            ->assertJsonPath('total', 1);
        $this->api('GET', '/receive/deliveries?q=h-2311')->assertJsonPath('total', 1);
        $this->api('GET', '/receive/deliveries?q=100%25')->assertJsonPath('total', 0);
        $this->weighIn($hake, '3000 g')->assertConflict();
        $this->actingAs($this->cutter);
        $seen = $this->api('GET', "/receive/deliveries/{$this->delivery}")->assertOk();
        self::assertStringNotContainsString('€', (string) json_encode($seen->json(), JSON_UNESCAPED_UNICODE));
        self::assertStringContainsString('Short 415 g.', (string) $seen->json('claim.text'));
    }

    public function test_the_same_delivery_is_recognised_and_the_same_put_is_one(): void
    {
        $again = ['supplier' => ' Harbourgate Fish ', 'number' => 'HG-2041'];
        $this->api('PUT', "/receive/deliveries/{$this->delivery}", $again)->assertOk();
        $twin = $this->api('PUT', '/receive/deliveries/'.self::id(), $again)->assertConflict();
        self::assertSame($this->delivery, $twin->json('delivery'));
        $this->api('PUT', '/receive/deliveries/'.self::id(), [...$again, 'number' => 'HG-2042'])->assertOk();
        self::assertSame(2, Delivery::query()->count());
        $line = $this->line();
        $fish = self::id();
        $body = ['reading' => self::id(), 'weight' => ['typed' => '3 kg']];
        $this->api('PUT', "/receive/lines/{$line}/fish/{$fish}", $body)->assertOk();
        $this->api('PUT', "/receive/lines/{$line}/fish/{$fish}", $body)->assertOk();
        $this->api('PUT', "/receive/lines/{$line}/fish/{$fish}", [
            ...$body,
            'weight' => ['typed' => '3.1 kg'],
        ])->assertConflict();
        self::assertSame([1, 1], [Fish::query()->count(), Reading::query()->count()]);
    }

    public function test_a_box_of_like_fish_is_weighed_gross_less_its_ice_and_tub(): void
    {
        $line = $this->line('Gilthead bream', [
            'count' => 40,
            'invoiced' => '16 kg',
            'price' => '4.40',
            'price_unit' => 'each',
            'grade' => '400-600',
        ]);
        $door = $this->weighIn($line, '19.4 kg', [
            'count' => 40,
            'ice' => '1600 g',
            'tub' => '1.8 kg',
            'tag' => 'box 7',
        ])->assertOk();
        $door
            ->assertJsonPath('lines.0.fish.0.mass.mg', 16_000_000)
            ->assertJsonPath('lines.0.fish.0.ice', '1600 g')
            ->assertJsonPath('lines.0.received_count', 40)
            ->assertJsonPath('lines.0.gap', null);
        $fish = Fish::query()->firstOrFail();
        // 40 at 4.40 over 16 kg.
        self::assertSame([40, 1100, 'box 7'], [$fish->count, $fish->price_per_kg_minor, $fish->tag]);
        self::assertSame(
            [16_000_000, 3_400_000],
            [Reading::query()->firstOrFail()->mass_mg, Reading::query()->firstOrFail()->tare_mg],
        );
        $this->weighIn($line, '3 kg', ['count' => 2, 'ice' => '3 kg'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/ice');
        $this->weighIn($line, '400 kg', ['count' => 2])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/weight/typed');
    }

    public function test_far_more_than_invoiced_is_asked_and_then_taken(): void
    {
        $line = $this->line('Hake', ['count' => 1, 'invoiced' => '1.4 kg']);
        $asked = $this->weighIn($line, '14 kg')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/sure');
        self::assertStringContainsString('14.000 kg of Hake, the invoice says 1400 g', (string) $asked->json('detail'));
        self::assertSame(0, Fish::query()->count());
        $this->weighIn($line, '14 kg', ['sure' => true])
            ->assertOk()
            ->assertJsonPath('lines.0.gap.kind', 'over')
            ->assertJsonPath('lines.0.gap.say', 'over 12.600 kg');
    }

    public function test_a_weight_taken_back_stays_on_record_and_counts_for_nothing(): void
    {
        $line = $this->line('Hake', ['invoiced' => '6 kg', 'price' => '9.80']);
        $this->weighIn($line, '3 kg');
        $fish = self::id();
        $this->weighIn($line, '3.2 kg', [], $fish);
        $this->api('PUT', "/receive/fish/{$fish}/taken-back", ['reason' => 'the tray was on it'])
            ->assertOk()
            ->assertJsonPath('lines.0.received.mg', 3_000_000);
        $this->api('PUT', "/receive/fish/{$fish}/taken-back", ['reason' => 'again'])->assertOk();
        self::assertSame([2, Stage::Withdrawn], [Reading::query()->count(), Fish::query()->findOrFail($fish)->stage]);
        $this->close()->assertOk();
        $this->api('PUT', "/receive/fish/{$fish}/taken-back", ['reason' => 'late'])->assertConflict();
    }

    public function test_a_line_is_mended_while_the_delivery_is_open_and_its_fish_cost_what_it_says(): void
    {
        $line = $this->line('Hake', ['price' => '9.80']);
        $this->weighIn($line, '3 kg');
        $mended = [
            'species' => $this->species('Hake'),
            'state' => 'round',
            'price' => '10.20',
            'landed_on' => '2026-11-20',
            'production' => 'wild',
            'area' => '27.7.a',
        ];
        $this->api('PUT', "/receive/deliveries/{$this->delivery}/lines/{$line}", $mended)
            ->assertOk()
            ->assertJsonPath('lines.0.written.price', '10.20')
            ->assertJsonPath('lines.0.from', 'wild, 27.7.a, landed Fri 20 Nov 2026');
        $fish = Fish::query()->firstOrFail();
        self::assertSame([1020, 'round'], [$fish->price_per_kg_minor, $fish->state->value]);
        $this->api('PUT', "/receive/deliveries/{$this->delivery}/lines/{$line}", [
            ...$mended,
            'species' => $this->species('Brill'),
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/species');
        $this->actingAs($this->cutter);
        $this->api('PUT', "/receive/deliveries/{$this->delivery}/lines/{$line}", [
            ...array_diff_key($mended, ['price' => 0]),
            'boxes' => 2,
        ])->assertOk();
        self::assertSame(1020, Fish::query()->firstOrFail()->price_per_kg_minor);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function badLines(): array
    {
        return [
            'each without a count' => [['price' => '4.40', 'price_unit' => 'each'], '/count', 'needs their count'],
            'a grade in words' => [['grade' => 'large'], '/grade', '400-600'],
            'a weight with a comma' => [['invoiced' => '12,3 kg'], '/invoiced', 'point instead of the comma'],
            'a price with a comma' => [['price' => '9,80'], '/price', 'point instead of the comma'],
            'no fish' => [['count' => 0], '/count', '1 or more'],
            'a day in another style' => [['landed_on' => '20.11.2026'], '/landed_on', 'like 2026-11-25'],
            'a paper nobody keeps' => [['proof' => 'promised'], '/proof', 'farmed feed or frozen'],
        ];
    }

    /** @param  array<string, mixed>  $what */
    #[DataProvider('badLines')]
    public function test_a_bad_line_is_told_where_and_nothing_is_written(
        array $what,
        string $pointer,
        string $saying,
    ): void {
        $response = $this->api('PUT', "/receive/deliveries/{$this->delivery}/lines/".self::id(), [
            'species' => $this->species('Hake'),
            'state' => 'gutted',
            ...$what,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', $pointer);
        self::assertStringContainsString($saying, (string) $response->json('errors.0.detail'));
        $this->api('GET', "/receive/deliveries/{$this->delivery}")->assertJsonPath('lines', []);
    }

    public function test_a_day_far_from_today_and_a_stale_screen_are_told(): void
    {
        $this->api('PUT', '/receive/deliveries/'.self::id(), [
            'supplier' => 'S',
            'number' => '1',
            'delivered_on' => '2021-01-01',
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/delivered_on');
        $this->line();
        $this->api('PUT', "/receive/deliveries/{$this->delivery}/closed", ['version' => 1])
            ->assertConflict()
            ->assertJsonPath('current', 2);
        $this->close()->assertOk();
        $this->close()->assertConflict();
    }

    public function test_a_fish_still_at_the_door_is_not_cut(): void
    {
        $fish = self::id();
        $line = $this->line();
        $this->weighIn($line, '3 kg', [], $fish);
        $this->weigh($fish, 'head', '500 g')->assertConflict();
        $this->close();
        $this->weigh($fish, 'head', '500 g')->assertOk();
    }
}
