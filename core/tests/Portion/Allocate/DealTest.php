<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Allocate;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\Allocate\Deal;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;

final class DealTest extends TestCase
{
    private static function fillet(float $grams): FilletOnBoard
    {
        return new FilletOnBoard(FilletShape::named('long-side'), $grams, 52, 34, 40, 10);
    }

    public function test_it_finds_what_trying_every_way_over_two_fillets_finds(): void
    {
        mt_srand(20261206);
        for ($case = 0; $case < 60; $case++) {
            $fillets = [self::fillet((float) mt_rand(300, 900)), self::fillet((float) mt_rand(300, 900))];
            $kinds = [new Kind('a', 170, 6, 8, 620), new Kind('b', 70, 4, 5, 240)];
            $needs = ['a' => mt_rand(0, 6), 'b' => mt_rand(0, 8)];
            $deal = Deal::of($fillets, $kinds, $needs);
            self::assertNotNull($deal);
            $most = 0.0;
            $rooms = array_map(fn (FilletOnBoard $one): float => $one->availableGrams(), $fillets);
            for ($a = 0; $a * 170 <= $rooms[0]; $a++) {
                for ($c = 0; $c * 170 <= $rooms[1]; $c++) {
                    $b = (int) floor(($rooms[0] - $a * 170) / 70 + 1e-9);
                    $d = (int) floor(($rooms[1] - $c * 170) / 70 + 1e-9);
                    $most = max($most, 620 * min($a + $c, $needs['a']) + 240 * min($b + $d, $needs['b']));
                }
            }
            $worth = 620 * min($deal->made['a'], $needs['a']) + 240 * min($deal->made['b'], $needs['b']);
            // Targets count to a tenth of a gram and rooms to whole units of it: one small portion may be lost by that.
            self::assertGreaterThanOrEqual($most - 240, $worth);
            self::assertLessThanOrEqual($most + 1e-6, $worth);
            self::assertLessThanOrEqual($needs['a'], $deal->made['a']);
            self::assertSame($needs['b'], min($needs['b'], $deal->made['b']) + $deal->short['b']);
        }
    }

    public function test_what_the_tail_cannot_give_is_short_and_what_is_found_is_proven(): void
    {
        $tail = new Kind('tail', 70, 4, 5, 300, fromShare: 0.55);
        $deal = Deal::of([self::fillet(1480)], [$tail], ['tail' => 20]);
        self::assertNotNull($deal);
        self::assertGreaterThan(0, $deal->made['tail']);
        self::assertLessThan(12, $deal->made['tail']);
        // One fillet alone cannot give more than it does: what is found is proven.
        self::assertEqualsWithDelta(0.0, $deal->gapPct, 1e-9);
        self::assertSame(20, $deal->made['tail'] + $deal->short['tail']);
        self::assertNull(Deal::of([], [$tail], []));
    }
}
