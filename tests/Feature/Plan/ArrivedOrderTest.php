<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Plan\Order\PlacedOrder;
use Tests\AsksAtMost;

final class ArrivedOrderTest extends PlanKitchen
{
    use AsksAtMost;

    private string $order;

    protected function setUp(): void
    {
        parent::setUp();
        $offer = self::id();
        $this->offer($offer)->assertOk();
        $this->order = self::id();
        $this->api('PUT', "/plan/orders/{$this->order}", [
            'for_day' => self::TODAY,
            'lines' => [['offer' => $offer, 'fish' => 3]],
        ])->assertOk();
    }

    /** @return array{string, string} delivery and line */
    private function delivered(string $supplier, string $species, string $price = '11.90'): array
    {
        [$delivery, $line] = [self::id(), self::id()];
        $number = 'H-'.substr($delivery, -4);
        $about = ['supplier' => $supplier, 'number' => $number];
        $this->api('PUT', "/receive/deliveries/{$delivery}", $about)->assertOk();
        $this->api('PUT', "/receive/deliveries/{$delivery}/lines/{$line}", [
            'species' => $this->species($species),
            'state' => 'gutted',
            'count' => 3,
            'invoiced' => '7.500 kg',
            'price' => $price,
        ])->assertOk();

        return [$delivery, $line];
    }

    private function weighIn(string $line, string $grams): void
    {
        $this->api('PUT', "/receive/lines/{$line}/fish/".self::id(), [
            'reading' => self::id(),
            'weight' => ['typed' => $grams],
        ])->assertOk();
    }

    /** @return array<string, mixed> */
    private function placed(): array
    {
        /** @var array<string, mixed> $first */
        $first = $this->api('GET', '/plan/orders')->assertOk()->json('0');

        return $first;
    }

    public function test_a_delivery_finds_its_order_and_what_differs_is_said(): void
    {
        self::assertSame([null, []], [$this->placed()['delivery'], $this->placed()['gaps']]);
        $this->delivered('Lakeside Fishery', 'Hake');
        self::assertNull($this->placed()['delivery'], 'another supplier');
        $this->delivered('Harbourgate Fish', 'Brill');
        self::assertNull($this->placed()['delivery'], 'another fish');
        [$delivery, $line] = $this->delivered('Harbourgate Fish', 'Hake', '12.50');
        self::assertSame($delivery, data_get($this->placed(), 'delivery.id'));
        self::assertSame([['dearer', '€12.50 per kg']], $this->gaps());
        $this->weighIn($line, '1500 g');
        $this->weighIn($line, '1600 g');
        self::assertSame(
            [['short', '2'], ['lighter', '1550 g'], ['dearer', '€12.50 per kg']],
            $this->gaps(),
        );
        $claim = $this->api('GET', "/receive/deliveries/{$delivery}/claim")->assertOk()->json('items');
        $above = array_values(array_filter(
            (array) $claim,
            fn (mixed $item): bool => data_get($item, 'kind') === 'dearer',
        ));
        self::assertSame(['€1.86'], array_map(fn (mixed $item): mixed => data_get($item, 'money'), $above));
        $this->assertAsksAtMost(24, fn () => $this->api('GET', '/plan/orders')->assertOk());
    }

    /** @return list<array{mixed, mixed}> */
    private function gaps(): array
    {
        return array_map(
            fn (mixed $gap): array => [data_get($gap, 'kind'), data_get($gap, 'came')],
            array_values((array) $this->placed()['gaps']),
        );
    }

    public function test_an_order_prints_on_a_page_for_who_may_see_prices(): void
    {
        $path = "/api/plan/orders/{$this->order}/order.pdf";
        $pdf = $this->get($path)->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        $this->paper("/plan/orders/{$this->order}/order.pdf");
        self::assertMatchesRegularExpression(
            '/Merluza, (?:entero, sin eviscerar|eviscerado)/',
            $this->paperIn('es', "/plan/orders/{$this->order}/order.pdf"),
        );
        $this->actingAs($this->cutter);
        $this->get($path)->assertStatus(403);
    }

    public function test_the_head_chef_says_otherwise_and_a_dropped_order_has_no_delivery(): void
    {
        [$delivery] = $this->delivered('Harbourgate Fish', 'Hake');
        $path = "/plan/orders/{$this->order}/came";
        $this->api('PUT', $path, ['delivery' => null, 'version' => 1])->assertStatus(409);
        $this->api('PUT', $path, ['delivery' => null, 'version' => 2])->assertOk()->assertJsonPath('0.delivery', null);
        [$other] = $this->delivered('Lakeside Fishery', 'Hake');
        $this->api('PUT', $path, ['delivery' => $other, 'version' => 3])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/delivery');
        $this->api('PUT', $path, ['delivery' => $delivery, 'version' => 3])->assertOk();
        self::assertSame($delivery, PlacedOrder::query()->findOrFail($this->order)->delivery_id);
        $this->api('PUT', $path, ['delivery' => null, 'version' => 4])->assertOk();
        $this->api('PUT', "/plan/orders/{$this->order}/dropped", ['version' => 5])->assertOk();
        $this->api('PUT', $path, ['delivery' => $delivery, 'version' => 6])->assertStatus(422);
        $this->delivered('Harbourgate Fish', 'Hake');
        self::assertNull(PlacedOrder::query()->findOrFail($this->order)->delivery_id);
    }
}
