<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\BoneCheck;
use Sectum\BreakDown\LeftOnFrame;
use Sectum\BreakDown\Loss;
use Sectum\BreakDown\TwoSides;
use Sectum\Fish\PinBoneRow;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;
use Sectum\Tests\Euro;

/** What the weights say at the board. */
final class BoardTest extends TestCase
{
    private static function frame(int $grams, int $scraped = 0, int $rate = 1860): ?LeftOnFrame
    {
        return LeftOnFrame::of(
            Mass::ofGrams(4210),
            Mass::ofGrams($grams),
            new Share(12, 2),
            Mass::ofGrams($scraped),
            Euro::perKg(900),
            Euro::of($rate),
        );
    }

    public function test_meat_on_the_frame_is_what_lies_beyond_a_clean_one(): void
    {
        // 12 % of 4210 g is 505.2 g; one spread is 84.2 g.
        self::assertNull(self::frame(589));
        $heavy = self::frame(690);
        self::assertSame([184_800, 129_360], [$heavy?->left->milligrams, $heavy?->scrapable->milligrams]);
        // 129.36 g at 9.00; 86 seconds at 18.60 an hour.
        self::assertSame([116, 44, true], [$heavy?->worth->minor, $heavy?->work->minor, $heavy?->pays()]);
        self::assertFalse(self::frame(690, 100)?->pays());
        self::assertFalse(self::frame(690, 0, 18_600)?->pays());
    }

    public function test_two_sides_are_alike_within_six_percent(): void
    {
        self::assertTrue(TwoSides::of(Mass::ofGrams(1515), Mass::ofGrams(1500))->areAlike());
        $odd = TwoSides::of(Mass::ofGrams(1400), Mass::ofGrams(1500));
        self::assertFalse($odd->areAlike());
        self::assertFalse($odd->firstIsHeavier);
        self::assertEqualsWithDelta(6.897, $odd->differencePct(), 0.001);
        self::assertSame(100_000, $odd->difference()->milligrams);
        self::assertSame(0.0, TwoSides::of(Mass::zero(), Mass::zero())->differencePct());
    }

    public function test_loss_grows_with_the_time_it_lies(): void
    {
        $loss = new Loss();
        self::assertEquals([0.5, 0.4], [$loss->after(0)->meanPct, $loss->after(0)->sdPct]);
        self::assertEquals($loss, $loss->after(0.25));
        self::assertEqualsWithDelta(1.2, $loss->after(4.25)->meanPct, 1e-9);
        self::assertGreaterThan($loss->after(1)->sdPct, $loss->after(9)->sdPct);
        self::assertSame(3.0, $loss->after(1000)->meanPct);
        self::assertSame(0.5, $loss->after(-3)->meanPct);
    }

    public function test_bones_are_counted_and_gone_over_twice_before_a_piece_is_portioned(): void
    {
        $check = fn (int $found, bool $second, bool $waived = false): BoneCheck => BoneCheck::of(
            PinBoneRow::Short,
            14,
            3,
            1,
            $found,
            $second,
            $waived,
        );
        self::assertFalse($check(14, false)->isDone());
        self::assertTrue($check(14, true)->isDone());
        self::assertTrue($check(0, false, true)->isDone());
        self::assertTrue(BoneCheck::of(PinBoneRow::None, 0, 0, 2, 0, false)->isDone());
        self::assertSame(
            '7 found, 14 ± 3 are usual: stroke it from the head end once more.',
            $check(7, false)->said(),
        );
        self::assertSame('13 found of about 14 ± 3. The second pass is still to come.', $check(13, false)->said());
        self::assertSame('Boned and checked: 13 found, 14 ± 3 are usual.', $check(13, true)->said());
        self::assertSame('Boned and checked twice: 5 found, 14 ± 3 are usual.', $check(5, true)->said());
        self::assertSame(
            'Boned and checked: 27 found, 28 ± 4 are usual.',
            BoneCheck::of(PinBoneRow::Short, 14, 3, 2, 27, true)->said(),
        );
    }
}
