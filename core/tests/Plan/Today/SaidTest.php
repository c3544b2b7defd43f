<?php

declare(strict_types=1);

namespace Sectum\Tests\Plan\Today;

use PHPUnit\Framework\TestCase;
use Sectum\Plan\Today\Said;
use Sectum\Plan\Today\TodaySays;

final class SaidTest extends TestCase
{
    public function test_what_harms_most_is_said_first_and_no_more_than_a_few(): void
    {
        $all = [
            new Said(TodaySays::NotSold, 1, []),
            new Said(TodaySays::Ends, 3, []),
            new Said(TodaySays::Short, 2, []),
            new Said(TodaySays::NotOrdered, 20, []),
            new Said(TodaySays::Short, 9, []),
        ];
        $said = array_map(fn (Said $one): array => [$one->what, $one->harm], Said::most($all, 4));
        self::assertSame(
            [
                [TodaySays::Short, 9.0],
                [TodaySays::Short, 2.0],
                [TodaySays::NotOrdered, 20.0],
                [TodaySays::Ends, 3.0],
            ],
            $said,
        );
        self::assertSame([], Said::most([], 6));
    }
}
