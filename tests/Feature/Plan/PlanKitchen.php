<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Portion\Dish\Dish;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A Wednesday morning in a kitchen that plans its services and orders its fish. */
abstract class PlanKitchen extends TestCase
{
    protected const TODAY = '2026-11-25';

    protected const FRIDAY = '2026-11-27';

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow(self::TODAY.' 09:00:00');
        $this->kitchen();
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    /** A dish of hake. */
    protected function hake(int $target = 180): string
    {
        $dish = $this->dish($target);
        Dish::query()->whereKey($dish)->update(['species_id' => $this->species('Hake')]);

        return $dish;
    }

    /**
     * @param  array<string, mixed>  $other
     * @return TestResponse<Response>
     */
    protected function service(string $id, array $other = []): TestResponse
    {
        return $this->api('PUT', "/plan/services/{$id}", [
            'day' => self::FRIDAY,
            'at' => '19:00',
            'kind' => 'dining-room',
            'name' => 'Dinner',
            'covers' => 120,
            'dishes' => [],
            ...$other,
        ]);
    }

    /**
     * @param  array<string, mixed>  $other
     * @return TestResponse<Response>
     */
    protected function offer(string $id, array $other = []): TestResponse
    {
        return $this->api('PUT', "/plan/offers/{$id}", [
            'supplier' => 'Harbourgate Fish',
            'species' => $this->species('Hake'),
            'state' => 'gutted',
            'from' => '2000 g',
            'to' => '3000 g',
            'price_per_kg' => '11.90',
            ...$other,
        ]);
    }
}
