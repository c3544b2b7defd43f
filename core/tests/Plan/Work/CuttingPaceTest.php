<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Work;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Math\Normal;
use Sectum\Plan\Work\CutFish;
use Sectum\Plan\Work\CuttingPace;

final class CuttingPaceTest extends TestCase
{
    public function test_nobody_was_timed_yet(): void
    {
        $pace = CuttingPace::learned([]);
        self::assertEqualsWithDelta(8.0, $pace->minutes('hake', 'round-two', 2000), 1e-9);
        self::assertEqualsWithDelta(8.0 * 2 ** 0.7, $pace->minutes('hake', 'round-two', 4000), 1e-9);
        self::assertSame([1.0, []], [$pace->of('anybody'), $pace->timed]);
    }

    /** Fish made from known hands, kinds and sizes: what is learned comes back to them. */
    public function test_a_quick_and_a_slow_hand_are_told_apart_from_big_and_small_fish(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $hands = ['quick' => -0.2, 'slow' => 0.2];
        $kinds = ['hake' => 0.1, 'flat' => 0.35];
        $cut = [];
        for ($i = 0; $i < 400; $i++) {
            $hand = $i % 2 === 0 ? 'quick' : 'slow';
            $kind = intdiv($i, 2) % 2 === 0 ? 'hake' : 'flat';
            // The slow hand is given the small fish.
            $grams = $random->getInt(800, 2400) * ($hand === 'quick' ? 2 : 1);
            $noise = 0.2 * Normal::quantile($random->getInt(1, 9999) / 10_000);
            $log = log(9.0) + 0.6 * log($grams / 2000) + $hands[$hand] + $kinds[$kind] + $noise;
            $cut[] = new CutFish($kind, 'one', $hand, (float) $grams, exp($log));
        }
        $pace = CuttingPace::learned($cut);
        self::assertEqualsWithDelta(exp(0.4), $pace->of('slow') / $pace->of('quick'), 0.09);
        $flat = $pace->minutes('flat', 'one', 2000);
        self::assertEqualsWithDelta(exp(0.25), $flat / $pace->minutes('hake', 'one', 2000), 0.06);
        $twice = $pace->minutes('hake', 'one', 3000) / $pace->minutes('hake', 'one', 1500);
        self::assertEqualsWithDelta(2 ** 0.6, $twice, 0.1);
        self::assertSame(['quick' => 200, 'slow' => 200], $pace->timed);
    }

    public function test_one_fish_moves_a_hand_a_little_and_many_move_it_far(): void
    {
        $slow = fn (int $fish): float => CuttingPace::learned(
            array_fill(0, $fish, new CutFish('hake', 'one', 'new', 2000, 16)),
        )->minutes('hake', 'one', 2000);
        self::assertGreaterThan(8.0, $slow(1));
        self::assertLessThan($slow(30), $slow(1));
        self::assertLessThan(16.0, $slow(30));
        $other = CuttingPace::learned(array_fill(0, 30, new CutFish('hake', 'one', 'new', 2000, 16)));
        self::assertGreaterThan(8.0, $other->minutes('brill', 'other', 2000), 'what is new begins at the house');
        self::assertLessThan($other->minutes('hake', 'one', 2000), $other->minutes('brill', 'other', 2000));
    }
}
