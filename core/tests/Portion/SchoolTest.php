<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\School;

/** Dishes of a stretch: the planner may leave what lies between. */
final class SchoolTest extends TestCase
{
    private static function fillet(float $grams = 1480): FilletOnBoard
    {
        return new FilletOnBoard(FilletShape::named('long-side'), $grams, 52, 34, 40, 10);
    }

    public function test_a_dish_of_the_tail_alone_is_cut_from_the_tail(): void
    {
        $tail = new Kind('tail', 70, 4, 5, 300, fromShare: 0.55);
        foreach (School::cases() as $school) {
            $plan = $school->plan(self::fillet(), [$tail], 9);
            self::assertGreaterThan(3, $plan->counts['tail']);
            self::assertSame('', $plan->pieces[0]->kind);
            self::assertEqualsWithDelta(1.586, $plan->pieces[0]->fromCm, 0.001);
            foreach (array_slice($plan->pieces, 1) as $piece) {
                self::assertGreaterThanOrEqual(0.55 - 1e-6, ($piece->fromCm + $piece->toCm) / 2 / 52);
            }
        }
    }

    public function test_where_the_thick_is_wanted_no_more_the_tail_still_comes_off(): void
    {
        $kinds = [new Kind('plate', 170, 6, 8, 620, max: 2), new Kind('tail', 70, 4, 5, 300, fromShare: 0.55)];
        $plan = School::Exact->plan(self::fillet(), $kinds, 9);
        self::assertSame(2, $plan->counts['plate']);
        self::assertGreaterThan(3, $plan->counts['tail']);
        // Pieces still follow one another; one of them, between the two dishes, is for none.
        $kindsCut = array_map(fn (PlannedPiece $piece): string => $piece->kind, $plan->pieces);
        self::assertCount(1, array_keys($kindsCut, '', true));
        for ($i = 1; $i < count($plan->pieces); $i++) {
            self::assertEqualsWithDelta($plan->pieces[$i - 1]->toCm, $plan->pieces[$i]->fromCm, 1e-6);
        }
        $portions = array_sum(
            array_map(fn (PlannedPiece $piece): float => $piece->kind === '' ? 0.0 : $piece->massGrams, $plan->pieces),
        );
        self::assertEqualsWithDelta(1480, $portions + $plan->leftOverGrams, 1e-6);
        self::assertEqualsWithDelta(
            2 * 620 + 300 * $plan->counts['tail'] + 0.009 * $plan->leftOverGrams,
            $plan->value,
            1e-6,
        );
    }

    public function test_nothing_changes_where_no_dish_is_bound_to_the_tail_and_it_is_never_worth_less(): void
    {
        mt_srand(20261207);
        for ($case = 0; $case < 60; $case++) {
            $fillet = self::fillet((float) mt_rand(700, 2200));
            $free = [new Kind('a', 170, 6, 8, 620), new Kind('b', 70, 4, 5, 240)];
            self::assertEquals(PortionPlan::exact($fillet, $free, 9), School::Exact->plan($fillet, $free, 9));
            $bound = [new Kind('a', 170, 6, 8, 620, max: mt_rand(0, 6)), new Kind('b', 70, 4, 5, 240, fromShare: 0.55)];
            self::assertGreaterThanOrEqual(
                PortionPlan::exact($fillet, $bound, 9)->value - 1e-9,
                School::Exact->plan($fillet, $bound, 9)->value,
            );
        }
    }
}
