<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion;

use PHPUnit\Framework\TestCase;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\CutFromFillet;
use Sectum\Portion\FilletGuess;
use Sectum\Portion\Yearly;

final class CutFromFilletTest extends TestCase
{
    public function test_a_cut_by_marks_trim_and_tail_lay_on_the_fillet_when_it_was_planned(): void
    {
        $cuts = [
            self::cut(Part::Skin, 120),
            self::cut(Part::Portion, 170),
            self::cut(Part::Portion, 171, true),
            self::cut(Part::Ends, 40, true),
            self::cut(Part::Trim, 30),
            self::cut(Part::TailEnd, 90),
        ];
        $fillet = Mass::ofGrams(1500);
        self::assertSame(1_210_000, CutFromFillet::laid($fillet, $cuts)->milligrams);
        self::assertSame(879_000, CutFromFillet::left($fillet, $cuts)->milligrams);
        self::assertTrue(CutFromFillet::left(Mass::ofGrams(600), $cuts)->isNegative());
    }

    public function test_what_is_squared_off_goes_with_the_fillet_in_steps_a_knife_can_aim_at(): void
    {
        self::assertSame(
            [40_000, 15_000, 0],
            array_map(
                fn (int $grams): int => FilletGuess::squaredOff(Mass::ofGrams($grams))->milligrams,
                [1480, 500, 80],
            ),
        );
    }

    public function test_a_year_is_thirteen_times_four_weeks(): void
    {
        $year = Yearly::of(20);
        self::assertSame(260, $year->portions);
        self::assertSame(1_040_000, $year->over(Mass::ofGrams(4))->milligrams);
        self::assertSame(0, Yearly::of(0)->over(Mass::ofGrams(4))->milligrams);
    }

    private static function cut(Part $part, int $grams, bool $byMark = false): CutFromFillet
    {
        return new CutFromFillet($part, Mass::ofGrams($grams), $byMark);
    }
}
