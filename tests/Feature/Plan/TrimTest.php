<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Catalogue\HouseBin;
use Illuminate\Support\Carbon;
use Tests\AsksAtMost;

final class TrimTest extends PlanKitchen
{
    use AsksAtMost;

    /** @return array<string, mixed> */
    private function stock(): array
    {
        foreach ((array) $this->api('GET', '/plan/trim')->assertOk()->json('bins') as $bin) {
            if (is_array($bin) && $bin['bin'] === 'stock') {
                /** @var array<string, mixed> $bin */
                return $bin;
            }
        }

        return [];
    }

    private function banquet(int $guests, string $day): void
    {
        $this->service(self::id(), [
            'kind' => 'banquet',
            'day' => $day,
            'covers' => $guests,
            'dishes' => [['dish' => $this->hake(), 'share_pct' => 100]],
        ])->assertOk();
    }

    public function test_bones_of_the_week_are_told_before_a_fish_is_cut(): void
    {
        self::assertSame([], $this->stock());
        $this->banquet(40, self::FRIDAY);
        self::assertSame([], $this->stock(), 'no fish of its kind is offered, so nobody knows what it weighs');
        $this->offer(self::id())->assertOk();
        $one = $this->stock();
        self::assertSame(0, $one['in_bin_g']);
        $grams = $one['ahead_g'];
        self::assertIsNumeric($grams);
        self::assertGreaterThan(3_000, $grams);
        $this->banquet(40, '2026-11-28');
        $two = $this->stock();
        self::assertEqualsWithDelta(2 * $grams, $two['ahead_g'], 2);
        self::assertSame(['Fri 27 Nov', 'Sat 28 Nov'], array_column((array) $two['days'], 'date'));
        $this->assertAsksAtMost(20, fn () => $this->api('GET', '/plan/trim')->assertOk());
    }

    public function test_a_batch_is_said_on_the_day_there_is_one_and_the_stock_is_planned_on_it(): void
    {
        HouseBin::query()->where('bin', 'stock')->update(['batch_mg' => 6_000_000]);
        $offer = self::id();
        $this->offer($offer)->assertOk();
        $this->banquet(12, '2026-11-26');
        $this->banquet(60, self::FRIDAY);
        self::assertSame(self::FRIDAY, data_get($this->stock(), 'ready.day'));
        $this->api('PUT', '/plan/orders/'.self::id(), [
            'for_day' => self::FRIDAY,
            'lines' => [['offer' => $offer, 'fish' => 18]],
        ])->assertOk();
        $shift = ['from' => '08:00', 'to' => '18:00'];
        $this->api('PUT', '/plan/prep/'.self::FRIDAY."/shifts/{$this->cutter->id}", $shift)->assertOk();
        Carbon::setTestNow(self::FRIDAY.' 07:00:00');
        $tasks = collect((array) $this->api('GET', '/plan/prep?day='.self::FRIDAY)->assertOk()->json('tasks'));
        $stock = $tasks->firstWhere('doing', 'stock');
        $simmer = $tasks->firstWhere('doing', 'simmer');
        self::assertNotSame([], data_get($stock, 'after'));
        self::assertSame(data_get($stock, 'end'), data_get($simmer, 'start'));
        HouseBin::query()->where('bin', 'stock')->update(['batch_mg' => 90_000_000]);
        self::assertNull($this->stock()['ready']);
    }
}
