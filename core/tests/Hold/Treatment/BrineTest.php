<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Treatment;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Hold\BadHold;
use Sectum\Hold\Treatment\DryCure;
use Sectum\Hold\Treatment\EvenBrine;
use Sectum\Hold\Treatment\FishWater;
use Sectum\Hold\Treatment\Slab;
use Sectum\Hold\Treatment\Strength;
use Sectum\Hold\Treatment\TimedBrine;

final class BrineTest extends TestCase
{
    public function test_a_timed_brine_is_the_handbook_s(): void
    {
        $brine = TimedBrine::of(new FishWater(2000), new Slab(28, 2), new Strength(6), 4000, 50, 1.2);
        self::assertEqualsWithDelta(240, $brine->saltGrams, 1e-9);
        self::assertEqualsWithDelta(3760, $brine->waterGrams, 1e-9);
        self::assertEqualsWithDelta(22.732, $brine->salometerDegrees, 0.0005);
        self::assertEqualsWithDelta(0.6360, $brine->fishSaltPct, 0.00005);
        self::assertEqualsWithDelta(0.3749, $brine->lowPct, 0.00005);
        self::assertEqualsWithDelta(0.8817, $brine->highPct, 0.00005);
        self::assertEqualsWithDelta(3.3088, $brine->ceilingPct, 0.00005);
        self::assertEqualsWithDelta(195.33, $brine->minutesToTarget, 0.005);
    }

    public function test_a_brine_in_balance_and_a_dry_cure_are_the_handbook_s(): void
    {
        $even = EvenBrine::of(new FishWater(2000), new Slab(28, 2), 1.5, 3000);
        self::assertEqualsWithDelta(91.371, $even->saltGrams, 0.0005);
        self::assertEqualsWithDelta(75, $even->thumbGrams, 1e-9);
        self::assertEqualsWithDelta(1.2346, $even->thumbFishPct, 0.00005);
        self::assertEqualsWithDelta(43.221, $even->hoursTo95, 0.0005);
        $dry = DryCure::of(new FishWater(2000), new Slab(28, 1), 3, 2);
        self::assertSame([60.0, 40.0], [$dry->saltGrams, $dry->sugarGrams]);
        self::assertEqualsWithDelta(81.397, $dry->hoursTo95, 0.0005);
    }

    /** Against the slab cut into a hundred layers, stepped through time, beside a bath that gives up what they take. */
    public function test_what_diffuses_agrees_with_layers_stepped_through_time(): void
    {
        foreach ([[2.5, 14], [1.0, 20], [6.0, 9]] as [$bath, $deep]) {
            $slab = new Slab(2 * $deep, 2);
            $layers = 60;
            $step = $deep / 1000 / $layers;
            $dt = (0.4 * $step ** 2) / Slab::DIFFUSIVITY;
            $fish = array_fill(0, $layers, 0.0);
            // The bath holds all of it, per square metre of face as much water as the depth times its share.
            $water = $bath * $deep / 1000;
            $salt = 1.0;
            $seconds = 0.0;
            $total = $salt * $water;
            foreach ([600.0, 3000.0, 9000.0] as $until) {
                for (; $seconds < $until; $seconds += $dt) {
                    $flow = [];
                    for ($i = 0; $i <= $layers; $i++) {
                        $flow[$i] = match (true) {
                            $i === 0 => (2 * Slab::DIFFUSIVITY * ($salt - $fish[0])) / $step,
                            $i === $layers => 0.0,
                            default => (Slab::DIFFUSIVITY * ($fish[$i - 1] - $fish[$i])) / $step,
                        };
                    }
                    $salt -= ($flow[0] * $dt) / $water;
                    foreach ($fish as $i => $_) {
                        $fish[$i] += (($flow[$i] - $flow[$i + 1]) * $dt) / $step;
                    }
                }
                $taken = array_sum($fish) * $step;
                $most = ($total / ($water + $deep / 1000)) * ($deep / 1000);
                self::assertEqualsWithDelta($taken / $most, $slab->reached($bath, $seconds), 0.006);
            }
        }
    }

    public function test_longer_and_thinner_take_up_more_and_never_more_than_there_is(): void
    {
        mt_srand(20261210);
        for ($case = 0; $case < 200; $case++) {
            $bath = mt_rand(2, 100) / 10;
            $slab = new Slab(mt_rand(8, 80), mt_rand(1, 2));
            $before = 0.0;
            foreach ([1, 60, 900, 7200, 86_400, 900_000] as $seconds) {
                $now = $slab->reached($bath, $seconds);
                self::assertGreaterThanOrEqual($before - 1e-9, $now);
                self::assertLessThanOrEqual(1.0, $now);
                $before = $now;
            }
            $share = mt_rand(10, 95) / 100;
            self::assertEqualsWithDelta($share, $slab->reached($bath, $slab->secondsTo($share, $bath)), 1e-6);
        }
        self::assertEqualsWithDelta(0.0, (new Slab(30, 2))->reached(2, 0), 1e-12);
    }

    public function test_a_target_beyond_the_ceiling_is_never_reached(): void
    {
        $brine = TimedBrine::of(new FishWater(2000), new Slab(28, 2), new Strength(6), 4000, 50, 3.4);
        self::assertNull($brine->minutesToTarget);
        self::assertEqualsWithDelta(10.0, Strength::ofDegrees((new Strength(10))->degrees())->pct, 1e-9);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        $fish = new FishWater(2000);
        $slab = new Slab(28, 2);
        yield 'no strength' => [fn () => new Strength(0), '/strength_pct'];
        yield 'more than dissolves' => [fn () => new Strength(26.4), '/strength_pct'];
        yield 'no fish' => [fn () => new FishWater(0), '/fish_g'];
        yield 'dry fish' => [fn () => new FishWater(100, 10), '/fish_water_pct'];
        yield 'no thickness' => [fn () => new Slab(0, 2), '/thickness_mm'];
        yield 'three faces' => [fn () => new Slab(20, 3), '/faces'];
        yield 'a diffusivity of nothing' => [fn () => new Slab(20, 1, 0), '/diffusivity_m2_s'];
        yield 'no brine' => [fn () => TimedBrine::of($fish, $slab, new Strength(6), 0, 5), '/brine_g'];
        yield 'ended before it began' => [fn () => TimedBrine::of($fish, $slab, new Strength(6), 9, -1), '/minutes'];
        yield 'no target' => [fn () => TimedBrine::of($fish, $slab, new Strength(6), 9, 5, 0), '/target_pct'];
        yield 'no water' => [fn () => EvenBrine::of($fish, $slab, 1.5, 0), '/water_g'];
        yield 'more salt than dissolves' => [fn () => EvenBrine::of($fish, $slab, 19, 100), '/target_pct'];
        yield 'a cure of nothing' => [fn () => DryCure::of($fish, $slab, 0), '/target_pct'];
        yield 'sugar below nothing' => [fn () => DryCure::of($fish, $slab, 3, -1), '/sugar_pct'];
    }

    /** @param  callable(): mixed  $try */
    #[DataProvider('impossible')]
    public function test_what_no_kitchen_does_is_refused_at_its_figure(callable $try, string $where): void
    {
        try {
            $try();
            self::fail('It was taken.');
        } catch (BadHold $bad) {
            self::assertSame($where, $bad->pointer());
        }
    }
}
