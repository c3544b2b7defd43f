<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\BoneReach;

final class BoneReachTest extends TestCase
{
    public function test_it_starts_with_the_kind_and_is_drawn_to_where_the_house_found_the_last(): void
    {
        $start = BoneReach::of(50, []);
        self::assertSame([50.0, 0], [$start->meanPct, $start->sides]);
        self::assertGreaterThan(55, $start->highPct);
        $found = BoneReach::of(50, [62.0, 60.0, 64.0, 62.0]);
        // Four sides at 62 on average against a start that counts for four.
        self::assertEqualsWithDelta(56.0, $found->meanPct, 1e-9);
        $more = BoneReach::of(50, array_fill(0, 40, 62.0));
        self::assertEqualsWithDelta(60.909, $more->meanPct, 0.001);
        self::assertLessThan($start->highPct - $start->meanPct, $more->highPct - $more->meanPct);
    }

    public function test_no_bone_lies_beyond_the_tail(): void
    {
        self::assertSame(100.0, BoneReach::of(97, [100.0])->highPct);
    }
}
