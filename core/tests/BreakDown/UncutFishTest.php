<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\UncutFish;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

final class UncutFishTest extends TestCase
{
    public function test_its_parts_lie_in_board_order_and_never_weigh_more_than_the_fish(): void
    {
        $order = [Part::Head, Part::SideA, Part::SideB, Part::Frame, Part::Fins, Part::Skin];
        $fish = UncutFish::of(
            Mass::ofGrams(4000),
            [
                'fins' => new Share(30, 1),
                'side-b' => new Share(35, 2),
                'head' => new Share(16, 2),
                'side-a' => new Share(35, 2),
                'skin' => new Share(5, 1),
            ],
            $order,
        );
        self::assertSame(['head', 'side-a', 'side-b', 'fins'], array_keys($fish->parts));
        self::assertSame([640_000, 1_400_000, 1_400_000, 560_000], array_column($fish->parts, 'milligrams'));
        self::assertSame(2_800_000, $fish->fillets()->milligrams);
        self::assertSame(4_000_000, Mass::sum($fish->parts)->milligrams);
    }

    public function test_a_fish_of_which_nothing_is_known_gives_nothing_to_draw(): void
    {
        $fish = UncutFish::of(Mass::ofGrams(4000), [], [Part::Head]);
        self::assertSame([], $fish->parts);
        self::assertFalse($fish->fillets()->isPositive());
        self::assertSame([], UncutFish::of(Mass::zero(), ['head' => new Share(16, 2)], [Part::Head])->parts);
    }
}
