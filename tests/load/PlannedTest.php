<?php

declare(strict_types=1);

namespace Tests\load;

use Generator;

/** Services, offers and orders in eight hands at the same moment. */
final class PlannedTest extends LiveKitchen
{
    private string $service;

    private string $offer;

    private string $day;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->service, $this->offer] = [self::id(), self::id()];
        $this->day = now()->addDays(3)->format('Y-m-d');
        $first = new Crowd($this->live->address());
        $first->run([$this->plans()], 60);
        self::assertSame([], $first->broken);
    }

    public function test_of_eight_changes_to_one_service_one_stands_and_one_sent_by_eight_is_one(): void
    {
        $crowd = $this->eight(fn (int $n): array => [
            'PUT',
            "/plan/services/{$this->service}",
            $this->dinner(60 + $n) + ['version' => 1],
        ]);
        self::assertSame(7, $crowd->statuses[409] ?? 0);
        self::assertSame([2], $this->stored('select version from services'));
        $new = self::id();
        $this->eight(fn (): array => ['PUT', "/plan/services/{$new}", $this->dinner(50)]);
        self::assertSame([2], $this->stored('select count(*) from services'));
    }

    public function test_orders_have_numbers_of_their_own_and_one_sent_by_eight_goes_out_once(): void
    {
        $what = ['for_day' => $this->day, 'lines' => [['offer' => $this->offer, 'fish' => 4]]];
        $one = self::id();
        $this->eight(fn (): array => ['PUT', "/plan/orders/{$one}", $what]);
        self::assertSame([1], $this->stored('select count(*) from order_lines'));
        $this->eight(fn (): array => ['PUT', '/plan/orders/'.self::id(), $what]);
        self::assertSame(range(1, 9), $this->stored('select number from orders order by number'));
        $crowd = $this->eight(fn (): array => ['PUT', "/plan/orders/{$one}/dropped", ['version' => 1]]);
        self::assertSame(0, $crowd->statuses[409] ?? 0, 'dropped once, the others find it so');
        $crowd = $this->eight(fn (int $n): array => [
            'PUT',
            "/plan/offers/{$this->offer}",
            $this->hake("2{$n}.90") + ['version' => 1],
        ]);
        self::assertSame(7, $crowd->statuses[409] ?? 0);
    }

    public function test_of_eight_who_move_one_task_or_one_shift_one_is_heard(): void
    {
        $crowd = $this->eight(fn (int $n): array => ['PUT', "/plan/prep/{$this->day}/pins", [
            'task' => 'pack something',
            'at' => 600 + 5 * $n,
        ]]);
        self::assertSame(7, $crowd->statuses[409] ?? 0);
        self::assertSame([1], $this->stored('select count(*) from prep_pins'));
        $crowd = $this->eight(fn (int $n): array => ['PUT', "/plan/prep/{$this->day}/shifts/{$this->chef}", [
            'from' => "0{$n}:00",
            'to' => '17:00',
        ]]);
        self::assertSame(7, $crowd->statuses[409] ?? 0);
        self::assertSame([1], $this->stored('select count(*) from shifts'));
    }

    /** @return array<string, mixed> */
    private function dinner(int $covers): array
    {
        return [
            'day' => $this->day,
            'at' => '19:00',
            'kind' => 'dining-room',
            'name' => 'Dinner',
            'covers' => $covers,
            'dishes' => [],
        ];
    }

    /** @return array<string, mixed> */
    private function hake(string $price): array
    {
        return [
            'supplier' => 'Harbourgate Fish',
            'species' => $this->stored("select id from species where name = 'Hake'")[0],
            'state' => 'gutted',
            'from' => '2000 g',
            'to' => '3000 g',
            'price_per_kg' => $price,
        ];
    }

    /** @return Generator<int, array{string, string, array<string, mixed>}, array{int, mixed}, void> */
    private function plans(): Generator
    {
        yield from $this->signsIn();
        yield ['PUT', "/plan/services/{$this->service}", $this->dinner(60)];
        yield ['PUT', "/plan/offers/{$this->offer}", $this->hake('11.90')];
    }
}
