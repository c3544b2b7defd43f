<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Allocate;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\Allocate\Placing;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\School;

final class PlacingTest extends TestCase
{
    private static function fillet(float $grams): FilletOnBoard
    {
        return new FilletOnBoard(FilletShape::named('long-side'), $grams, 52, 34, 40, 10);
    }

    public function test_a_dish_of_the_tail_comes_off_tails_and_what_one_fillet_cannot_give_another_does(): void
    {
        $thick = new Kind('thick', 170, 6, 8, 620, toShare: 0.7);
        $tail = new Kind('tail', 70, 4, 5, 300, fromShare: 0.55);
        $fillets = [self::fillet(1480), self::fillet(1480)];
        // By weight alone one fillet was to give ten of the tail.
        $placed = Placing::of(
            $fillets,
            [$thick, $tail],
            [['thick' => 3, 'tail' => 10], ['thick' => 6, 'tail' => 0]],
            ['thick' => 9, 'tail' => 8],
        );
        foreach ($placed as $k => $counts) {
            self::assertCanBeCut($fillets[$k], [$thick, $tail], $counts);
        }
        self::assertLessThan(10, $placed[0]['tail']);
        self::assertGreaterThan(0, $placed[1]['tail']);
        self::assertLessThanOrEqual(8, $placed[0]['tail'] + $placed[1]['tail']);
    }

    public function test_where_nothing_is_bound_to_a_place_what_was_dealt_stays(): void
    {
        mt_srand(20261204);
        for ($case = 0; $case < 60; $case++) {
            $kinds = [new Kind('a', 170, 6, 8, 620), new Kind('b', 70, 4, 5, 240)];
            $fillet = self::fillet((float) mt_rand(900, 2000));
            $full = PortionPlan::exact($fillet, $kinds, 0.0)->counts;
            self::assertSame([$full], Placing::of([$fillet], $kinds, [$full], $full));
        }
    }

    public function test_no_more_than_wanted_and_never_what_cannot_be_cut(): void
    {
        mt_srand(20261205);
        for ($case = 0; $case < 40; $case++) {
            $kinds = [
                new Kind('a', 170, 6, 8, 620, minMm: mt_rand(0, 1) === 1 ? 18.0 : null),
                new Kind('b', 90, 4, 5, 350, fromShare: 0.55),
                new Kind('c', 120, 4, 5, 300, toShare: 0.25),
            ];
            $fillets = $dealt = [];
            for ($i = 0; $i < 4; $i++) {
                $fillets[] = self::fillet((float) mt_rand(700, 2000));
                $dealt[] = ['a' => mt_rand(0, 6), 'b' => mt_rand(0, 6), 'c' => mt_rand(0, 3)];
            }
            $wanted = [];
            foreach (['a', 'b', 'c'] as $kind) {
                $wanted[$kind] = array_sum(array_column($dealt, $kind)) + mt_rand(0, 4);
            }
            $placed = Placing::of($fillets, $kinds, $dealt, $wanted);
            foreach ($placed as $k => $counts) {
                self::assertCanBeCut($fillets[$k], $kinds, $counts);
            }
            foreach ($wanted as $kind => $most) {
                self::assertLessThanOrEqual($most, array_sum(array_column($placed, $kind)));
            }
        }
    }

    /**
     * @param  non-empty-list<Kind>  $kinds
     * @param  array<string, int>  $counts
     */
    private static function assertCanBeCut(FilletOnBoard $fillet, array $kinds, array $counts): void
    {
        $asked = array_values(
            array_filter(
                array_map(fn (Kind $kind): Kind => $kind->atMost($counts[$kind->id]), $kinds),
                fn (Kind $kind): bool => $kind->max > 0,
            ),
        );
        if ($asked !== []) {
            self::assertSame(
                array_sum($counts),
                array_sum(School::Exact->plan($fillet, $asked, 0.0)->counts),
            );
        }
    }
}
