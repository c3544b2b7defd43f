<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Shape;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\BadFillet;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Shape\HouseShape;
use Sectum\Portion\Shape\MeasuredCut;
use Sectum\Portion\Shape\MeasuredFillet;
use Sectum\Portion\Shape\MeasuredThickness;
use Sectum\Portion\Shape\ThicknessFit;

final class ThicknessTest extends TestCase
{
    private const GREATEST = 34.0;

    /** A fillet that runs out sooner than its table: ever thinner towards the tail. */
    private static function thin(): FilletShape
    {
        $stations = FilletShape::named('long-side')->stations();

        return FilletShape::of(
            array_map(fn ($station): float => $station->massPerLength, $stations),
            array_map(
                fn ($station, int $i): float => $station->thickness * (1 - 0.035 * max(0, $i - 2)),
                $stations,
                array_keys($stations),
            ),
        );
    }

    /** @return list<MeasuredThickness> */
    private static function marks(FilletShape $true, float ...$shares): array
    {
        return array_values(
            array_map(
                fn (float $share): MeasuredThickness => new MeasuredThickness(
                    $share,
                    round(self::GREATEST * $true->thicknessAt($share)),
                ),
                $shares,
            ),
        );
    }

    private static function off(FilletShape $one, FilletShape $true): float
    {
        return array_sum(
            array_map(
                fn (int $i): float => abs($one->thicknessAt($i / 20) - $true->thicknessAt($i / 20)),
                range(0, 20),
            ),
        ) / 21;
    }

    public function test_three_places_bring_the_whole_curve_nearer(): void
    {
        $table = FilletShape::named('long-side');
        $fit = ThicknessFit::of($table, self::marks(self::thin(), 0.4, 0.6, 0.8), self::GREATEST);
        self::assertLessThan(0.45 * self::off($table, self::thin()), self::off($fit, self::thin()));
        // What was measured is told again to about a millimetre, and the mass is as it was.
        foreach ([0.4, 0.6, 0.8] as $share) {
            self::assertEqualsWithDelta(
                self::GREATEST * self::thin()->thicknessAt($share),
                self::GREATEST * $fit->thicknessAt($share),
                1.2,
            );
        }
        self::assertEqualsWithDelta($table->massUpTo(0.37), $fit->massUpTo(0.37), 1e-12);
    }

    public function test_without_a_measured_place_nothing_changes_and_a_true_table_stays(): void
    {
        $table = FilletShape::named('loin');
        self::assertSame($table, ThicknessFit::of($table, [], self::GREATEST));
        $exact = array_map(
            fn (float $share): MeasuredThickness => new MeasuredThickness(
                $share,
                self::GREATEST * $table->thicknessAt($share),
            ),
            [0.3, 0.5, 0.9],
        );
        self::assertLessThan(1e-9, self::off(ThicknessFit::of($table, $exact, self::GREATEST), $table));
    }

    public function test_the_house_learns_it_as_it_learns_mass(): void
    {
        $table = FilletShape::named('long-side');
        $fillet = new MeasuredFillet(
            1480,
            52,
            [new MeasuredCut(0, 10, 280)],
            self::marks(self::thin(), 0.4, 0.6, 0.8),
            self::GREATEST,
        );
        $off = fn (int $n): float => self::off(HouseShape::of($table, array_fill(0, $n, $fillet))->shape, self::thin());
        self::assertLessThan($off(0), $off(2));
        self::assertLessThan($off(2), $off(12));
        self::assertLessThan(0.6 * $off(0), $off(60));
    }

    public function test_a_place_beyond_the_fillet_or_no_thickness_is_refused(): void
    {
        foreach ([[1.2, 20.0, '/cm'], [0.5, 0.0, '/mm'], [0.5, 301.0, '/mm']] as [$share, $mm, $where]) {
            try {
                new MeasuredThickness($share, $mm);
                self::fail('It was measured.');
            } catch (BadFillet $bad) {
                self::assertSame($where, $bad->pointer());
            }
        }
    }
}
