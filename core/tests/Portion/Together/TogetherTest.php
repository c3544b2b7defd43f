<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Together;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Math\Counted;
use Sectum\Math\Normal;
use Sectum\Portion\Together\BadBatch;
use Sectum\Portion\Together\FilletBatch;
use Sectum\Portion\Together\PanLoads;
use Sectum\Portion\Together\SamplingPlan;
use Sectum\Portion\Together\UncutPortions;
use Sectum\Portion\Together\UncutSides;

final class TogetherTest extends TestCase
{
    /** Against ten thousand batches drawn at random and cut by the same pattern. */
    public function test_what_a_pattern_promises_comes_out_as_often_as_it_says(): void
    {
        mt_srand(20261201);
        foreach ([[40, 205.0, 14.0, 100], [24, 520.0, 60.0, 170], [60, 98.0, 6.0, 95]] as [$n, $mean, $sd, $target]) {
            $batch = FilletBatch::of($n, $mean, $sd, 0.97, $target, 8, 8);
            self::assertNotNull($batch->best);
            foreach ($batch->patterns as $pattern) {
                $kept = $sum = 0;
                for ($draw = 0; $draw < 10_000; $draw++) {
                    $came = 0;
                    for ($i = 0; $i < $n; $i++) {
                        $each = (($mean + $sd * self::normal()) * 0.97) / $pattern->perFillet;
                        $came += $each >= $target - 8 && $each <= $target + 8 ? $pattern->perFillet : 0;
                    }
                    $kept += $came >= $pattern->promised ? 1 : 0;
                    $sum += $came;
                }
                // Never less often than nine times in ten, by more than chance would have it.
                self::assertGreaterThan(0.888, $kept / 10_000);
                self::assertEqualsWithDelta($pattern->expected, $sum / 10_000, 0.004 * $n * $pattern->perFillet + 0.05);
                self::assertGreaterThanOrEqual($pattern->promised, $batch->best->promised);
            }
        }
    }

    private static function normal(): float
    {
        return Normal::quantile((mt_rand() + 0.5) / (mt_getrandmax() + 1));
    }

    public function test_like_fillets_promise_all_and_light_ones_nothing(): void
    {
        $same = FilletBatch::of(40, 206.2, 0, 0.97, 100, 5, 5);
        self::assertSame([2, 80, 80.0], [$same->best?->perFillet, $same->best?->promised, $same->best?->expected]);
        self::assertNull(FilletBatch::of(40, 40, 0, 0.97, 100, 5, 5)->best);
        self::assertNull(FilletBatch::of(40, 400, 0, 1.0, 150, 5, 5)->best);
    }

    public function test_the_most_that_comes_out_agrees_with_every_outcome_tried(): void
    {
        foreach ([[1, 0.5], [6, 0.3], [10, 0.85], [12, 0.0], [9, 1.0]] as [$n, $p]) {
            foreach ([0.5, 0.9, 0.99] as $certainty) {
                $by = array_fill(0, $n + 1, 0.0);
                for ($mask = 0; $mask < 1 << $n; $mask++) {
                    $ones = substr_count(decbin($mask), '1');
                    $by[$ones] += $p ** $ones * (1 - $p) ** ($n - $ones);
                }
                $most = 0;
                for ($k = 1; $k <= $n; $k++) {
                    $most = array_sum(array_slice($by, $k)) >= $certainty - 1e-12 ? $k : $most;
                }
                self::assertSame($most, Counted::trials($n, $p)->atLeast($certainty));
            }
        }
    }

    public function test_the_chance_of_two_in_a_row_under_agrees_with_every_run_tried(): void
    {
        for ($n = 0; $n <= 12; $n++) {
            $stopped = 0.0;
            for ($mask = 0; $mask < 1 << $n; $mask++) {
                $ones = substr_count(decbin($mask), '1');
                $stopped += ($mask & ($mask << 1)) !== 0 ? 0.3 ** $ones * 0.7 ** ($n - $ones) : 0.0;
            }
            self::assertEqualsWithDelta($stopped, SamplingPlan::stops($n, 0.3), 1e-12, "{$n} samples");
        }
        self::assertTrue(SamplingPlan::says([false, true, true, false]));
        self::assertFalse(SamplingPlan::says([true, false, true, false, true]));
    }

    public function test_eighty_pieces_are_weighed_every_sixth_and_a_handful_all(): void
    {
        $plan = SamplingPlan::of(80);
        self::assertSame([6, 13], [$plan->every, $plan->samples]);
        self::assertGreaterThanOrEqual(90.0, $plan->noticedPct);
        self::assertLessThan(5.0, $plan->alarmPct);
        self::assertSame([1, 9], [SamplingPlan::of(9)->every, SamplingPlan::of(9)->samples]);
        // More pieces are never weighed more closely.
        $before = 1;
        for ($pieces = 1; $pieces < 300; $pieces += 7) {
            self::assertGreaterThanOrEqual($before, $every = SamplingPlan::of($pieces)->every);
            $before = $every;
        }
    }

    public function test_pans_trolleys_and_loads_hold_all_pieces_and_none_is_for_nothing(): void
    {
        mt_srand(20261202);
        for ($case = 0; $case < 300; $case++) {
            [$pieces, $pan, $trolley, $oven] = [mt_rand(0, 500), mt_rand(1, 40), mt_rand(1, 20), mt_rand(1, 10)];
            $loads = PanLoads::of($pieces, $pan, $trolley, $oven);
            self::assertGreaterThanOrEqual($pieces, $loads->pans * $pan);
            self::assertLessThan($pieces + $pan, $loads->pans * $pan);
            self::assertSame($pieces, max(0, $loads->pans - 1) * $pan + $loads->onTheLast);
            self::assertGreaterThanOrEqual($loads->pans, $loads->trolleys * $trolley);
            self::assertLessThan($loads->pans + $oven, $loads->loads * $oven);
        }
        self::assertSame([0, 0], [PanLoads::of(10, 4)->trolleys, PanLoads::of(10, 4)->loads]);
    }

    /** Against ten thousand nights drawn at random. */
    public function test_fish_not_cut_yet_promise_what_comes_of_them(): void
    {
        mt_srand(20261203);
        $fish = [new UncutSides(1900, 120, 2), new UncutSides(2300, 150, 2), new UncutSides(1400, 90, 4)];
        $told = UncutPortions::of($fish, 170);
        $sum = $kept = 0;
        for ($night = 0; $night < 10_000; $night++) {
            $came = 0;
            foreach ($fish as $one) {
                $grams = $one->meanGrams + $one->sdGrams * self::normal();
                $came += $one->sides * (int) floor(max(0.0, $grams * 0.97) / $one->sides / 170);
            }
            $sum += $came;
            $kept += $came >= $told->sure ? 1 : 0;
        }
        self::assertEqualsWithDelta($told->expected, $sum / 10_000, 0.1);
        self::assertGreaterThan(0.888, $kept / 10_000);
        $none = UncutPortions::of([], 170);
        self::assertSame([0.0, 0], [$none->expected, $none->sure]);
        // A fish known exactly gives exactly what it gives.
        self::assertSame(4, UncutPortions::of([new UncutSides(800, 0, 2)], 170)->sure);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        yield 'no fillet' => [fn () => FilletBatch::of(0, 100, 5, 1, 100, 5, 5), '/fillets'];
        yield 'too many' => [fn () => FilletBatch::of(2001, 100, 5, 1, 100, 5, 5), '/fillets'];
        yield 'no mass' => [fn () => FilletBatch::of(2, 0, 5, 1, 100, 5, 5), '/mean_g'];
        yield 'a spread below nothing' => [fn () => FilletBatch::of(2, 100, -5, 1, 100, 5, 5), '/sd_g'];
        yield 'nothing usable' => [fn () => FilletBatch::of(2, 100, 5, 0, 100, 5, 5), '/usable_share'];
        yield 'nothing to weigh' => [fn () => SamplingPlan::of(0), '/pieces'];
        yield 'a pan for none' => [fn () => PanLoads::of(4, 0), '/per_pan'];
        yield 'fewer than none' => [fn () => PanLoads::of(-1, 4), '/pieces'];
        yield 'a portion of nothing' => [fn () => UncutPortions::of([], 0), '/target_g'];
        yield 'no side' => [fn () => new UncutSides(100, 5, 0), '/sides'];
        yield 'fillets below nothing' => [fn () => new UncutSides(-1, 5, 2), '/mean_g'];
        yield 'fillets that spread below nothing' => [fn () => new UncutSides(1, -5, 2), '/sd_g'];
    }

    /** @param  callable(): mixed  $try */
    #[DataProvider('impossible')]
    public function test_what_makes_no_sense_is_refused_at_its_figure(callable $try, string $where): void
    {
        try {
            $try();
            self::fail('It was taken.');
        } catch (BadBatch $bad) {
            self::assertSame($where, $bad->pointer());
        }
    }
}
