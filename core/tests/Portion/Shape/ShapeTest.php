<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Shape;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Portion\BadFillet;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\Shape\AtMark;
use Sectum\Portion\Shape\HouseShape;
use Sectum\Portion\Shape\MeasuredCut;
use Sectum\Portion\Shape\MeasuredFillet;
use Sectum\Portion\Shape\ShapeFit;
use Sectum\Portion\Station;

final class ShapeTest extends TestCase
{
    use TestTrait;

    private const LENGTH = 52.0;

    private const MASS = 1480.0;

    /** The table, heavier towards the head by a share and lighter towards the tail. */
    private static function leaning(string $name, float $by): FilletShape
    {
        $stations = FilletShape::named($name)->stations();
        $last = count($stations) - 1;

        return FilletShape::of(
            array_map(
                fn (int $j): float => $stations[$j]->massPerLength * (1 + $by * (1 - (2 * $j) / $last)),
                range(0, $last),
            ),
            array_map(fn (Station $station): float => $station->thickness, $stations),
        );
    }

    /** @return list<MeasuredCut> equal slices of the true fillet, weighed to the gram */
    private static function slices(FilletShape $true, int $count, float $mass = self::MASS): array
    {
        return array_map(function (int $k) use ($true, $count, $mass): MeasuredCut {
            $grams = $mass * ($true->massUpTo(($k + 1) / $count) - $true->massUpTo($k / $count));

            return new MeasuredCut(
                (self::LENGTH * $k) / $count,
                (self::LENGTH * ($k + 1)) / $count,
                max(1.0, round($grams)),
            );
        }, range(0, $count - 1));
    }

    public function test_nothing_weighed_leaves_the_table_as_it_was(): void
    {
        $shape = FilletShape::named('loin');
        self::assertSame($shape, ShapeFit::of($shape, [], self::MASS, self::LENGTH));
    }

    public function test_a_fillet_is_found_out_from_its_pieces(): void
    {
        $true = self::leaning('long-side', 0.1);
        $table = FilletShape::named('long-side');
        $found = ShapeFit::of($table, self::slices($true, 9), self::MASS, self::LENGTH);
        foreach ([0.2, 0.4, 0.6, 0.8] as $x) {
            self::assertGreaterThan(0.005, abs($true->massUpTo($x) - $table->massUpTo($x)));
            self::assertEqualsWithDelta($true->massUpTo($x), $found->massUpTo($x), 0.002);
        }
    }

    public function test_two_pieces_tell_of_the_third(): void
    {
        $true = self::leaning('long-side', 0.1);
        $table = FilletShape::named('long-side');
        $found = ShapeFit::of($table, array_slice(self::slices($true, 9), 0, 2), self::MASS, self::LENGTH);
        $third = fn (FilletShape $shape): float => self::MASS * ($shape->massUpTo(3 / 9) - $shape->massUpTo(2 / 9));
        self::assertGreaterThan(6, $third($true) - $third($table));
        self::assertLessThan(4, abs($third($true) - $third($found)));
    }

    public function test_whatever_was_weighed_the_mass_up_to_a_point_rises(): void
    {
        $this->forAll(
            Generators::elements(FilletShape::names()),
            Generators::tuple(Generators::choose(1, 900), Generators::choose(1, 900), Generators::choose(1, 900)),
        )->then(function (string $name, array $grams): void {
            $cuts = [];
            foreach ($grams as $k => $one) {
                self::assertIsInt($one);
                $cuts[] = new MeasuredCut(10 * (int) $k + 2, 10 * (int) $k + 9, $one);
            }
            $found = ShapeFit::of(FilletShape::named($name), $cuts, self::MASS, self::LENGTH);
            for ($k = 1; $k <= 40; $k++) {
                self::assertGreaterThan($found->massUpTo(($k - 1) / 40), $found->massUpTo($k / 40));
            }
            self::assertEqualsWithDelta(1.0, $found->massUpTo(1.0), 1e-9);
        });
    }

    public function test_what_lies_ahead_keeps_its_places(): void
    {
        $shape = FilletShape::named('long-side');
        $whole = new FilletOnBoard($shape, self::MASS, self::LENGTH, 34, 40, 10);
        $kind = new Kind('plate', 170, 6, 8, 6.2, minMm: 18);
        $plan = PortionPlan::exact($whole, [$kind], 9.0);
        // Two pieces later, weighed as planned, the rest of the plan is where it was.
        $ahead = FilletOnBoard::ahead($shape, $plan->pieces[1]->toCm, self::MASS - 40 - 340, self::LENGTH, 34, 10);
        $rest = PortionPlan::exact($ahead, [$kind], 9.0);
        self::assertCount(5, $rest->pieces);
        foreach ($rest->pieces as $i => $piece) {
            self::assertEqualsWithDelta($plan->pieces[$i + 2]->toCm, $piece->toCm, 1e-9);
        }
        // Lighter ahead than the table has it: the next cut moves towards the tail.
        $light = FilletOnBoard::ahead($shape, $plan->pieces[1]->toCm, 1000, self::LENGTH, 34, 10);
        self::assertGreaterThan(
            $plan->pieces[2]->toCm + 0.2,
            PortionPlan::exact($light, [$kind], 9.0)->pieces[0]->toCm,
        );
    }

    public function test_marks_that_move_hit_where_fixed_ones_do_not(): void
    {
        $hits = ['fixed' => 0, 'live' => 0];
        $pieces = ['fixed' => 0, 'live' => 0];
        $table = FilletShape::named('long-side');
        $kinds = [new Kind('plate', 161, 0, 0, 6.2, minMm: 12)];
        foreach ([-0.1, -0.07, 0.07, 0.1] as $by) {
            $true = self::leaning('long-side', $by);
            $weigh = fn (float $from, float $to): float => round(
                self::MASS * ($true->massUpTo($to / self::LENGTH) - $true->massUpTo($from / self::LENGTH)),
            );
            $fixed = PortionPlan::exact(new FilletOnBoard($table, self::MASS, self::LENGTH, 34, 40, 10), $kinds, 9.0)
                ->pieces;
            foreach ($fixed as $piece) {
                $grams = $weigh($piece->fromCm, $piece->toCm);
                $hits['fixed'] += $grams >= 155 && $grams <= 167 ? 1 : 0;
                $pieces['fixed']++;
            }
            $at = $fixed[0]->fromCm;
            $cuts = [new MeasuredCut(0, $at, $weigh(0, $at))];
            for ($left = self::MASS - $weigh(0, $at); ;) {
                $next =
                    PortionPlan::exact(
                        FilletOnBoard::ahead(
                            ShapeFit::of($table, $cuts, self::MASS, self::LENGTH),
                            $at,
                            $left,
                            self::LENGTH,
                            34,
                            10,
                        ),
                        $kinds,
                        9.0,
                    )->pieces[0] ?? null;
                if ($next === null) {
                    break;
                }
                $grams = $weigh($at, $next->toCm);
                $hits['live'] += $grams >= 155 && $grams <= 167 ? 1 : 0;
                $pieces['live']++;
                $cuts[] = new MeasuredCut($at, $next->toCm, $grams);
                [$at, $left] = [$next->toCm, $left - $grams];
            }
        }
        self::assertGreaterThanOrEqual(0.95, $hits['live'] / $pieces['live']);
        self::assertLessThan(0.8, $hits['fixed'] / $pieces['fixed']);
    }

    public function test_a_piece_far_off_was_cut_somewhere_else_and_its_weight_tells_where(): void
    {
        $fillet = new FilletOnBoard(FilletShape::named('long-side'), self::MASS, self::LENGTH, 34);
        [$from, $to] = [$fillet->cm(40), $fillet->cm(210)];
        self::assertSame(
            [true, $to],
            [AtMark::of($fillet, $from, $to, 170)->hit, AtMark::of($fillet, $from, $to, 205)->toCm],
        );
        $off = AtMark::of($fillet, $from, $to, 300);
        self::assertFalse($off->hit);
        self::assertEqualsWithDelta($fillet->cm(340), $off->toCm, 1e-9);
        // More than there is ends at the tail, next to nothing just past the knife.
        self::assertEqualsWithDelta(self::LENGTH, AtMark::of($fillet, $from, $to, 5000)->toCm, 1e-9);
        self::assertGreaterThan($from, AtMark::of($fillet, $from, $to, 0.1)->toCm);
    }

    public function test_a_house_learns_its_shape_and_says_how_much_better_it_is(): void
    {
        $table = FilletShape::named('long-side');
        $true = self::leaning('long-side', 0.1);
        $fillets = array_map(
            fn (int $mass): MeasuredFillet => new MeasuredFillet($mass, self::LENGTH, self::slices($true, 9, $mass)),
            range(1200, 1780, 20),
        );
        $house = HouseShape::of($table, $fillets);
        self::assertSame([30, 270], [$house->fillets, $house->pieces]);
        self::assertNotNull($house->beforePct);
        self::assertNotNull($house->afterPct);
        self::assertGreaterThan(4.0, $house->beforePct);
        self::assertLessThan(0.35, $house->afterPct / $house->beforePct);
        // One odd fillet among thirty moves it little, and in which order they came does not matter.
        $odd = new MeasuredFillet(1500, self::LENGTH, self::slices(self::leaning('long-side', -0.3), 9, 1500));
        $with = HouseShape::of($table, [$odd, ...$fillets]);
        self::assertEqualsWithDelta($house->shape->massUpTo(0.4), $with->shape->massUpTo(0.4), 0.003);
        self::assertEqualsWithDelta(
            $with->shape->massUpTo(0.4),
            HouseShape::of($table, [...array_reverse($fillets), $odd])->shape->massUpTo(0.4),
            1e-12,
        );
    }

    public function test_few_fillets_weigh_less_than_the_starting_shape(): void
    {
        $table = FilletShape::named('short-side');
        $true = self::leaning('short-side', 0.1);
        $off = fn (int $n): float => abs(
            HouseShape::of(
                $table,
                array_fill(0, $n, new MeasuredFillet(self::MASS, self::LENGTH, self::slices($true, 9))),
            )->shape->massUpTo(0.4) - $true->massUpTo(0.4),
        );
        self::assertEqualsWithDelta(
            ($off(0) * HouseShape::STARTS_AS) / (HouseShape::STARTS_AS + 2),
            $off(2),
            0.05 * $off(0),
        );
        self::assertLessThan($off(2), $off(12));
        $nothing = HouseShape::of($table, []);
        self::assertSame([0, null, null], [$nothing->fillets, $nothing->beforePct, $nothing->afterPct]);
    }

    /** @return array<string, array{callable(): mixed}> */
    public static function impossible(): array
    {
        return [
            'a piece that ends before it begins' => [fn () => new MeasuredCut(12, 11, 100)],
            'a piece without weight' => [fn () => new MeasuredCut(1, 2, 0)],
            'a scale without a step' => [fn () => new MeasuredCut(1, 2, 10, 0)],
            'a fillet without mass' => [fn () => new MeasuredFillet(0, 40, [])],
            'a fillet without length' => [fn () => new MeasuredFillet(900, 0, [])],
            'nothing ahead' => [fn () => FilletOnBoard::ahead(FilletShape::named('loin'), 20, 0, 40, 30, 0)],
            'a knife past the tail' => [fn () => FilletOnBoard::ahead(FilletShape::named('loin'), 40, 100, 40, 30, 0)],
        ];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused(callable $make): void
    {
        $this->expectException(BadFillet::class);
        $make();
    }
}
