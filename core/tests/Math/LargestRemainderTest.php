<?php

declare(strict_types=1);

namespace Sectum\Tests\Math;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\SequenceGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Math\LargestRemainder;
use Sectum\Math\UnsplittableTotal;

final class LargestRemainderTest extends TestCase
{
    use TestTrait;

    public function test_parts_always_add_up_and_stay_within_one_of_their_share(): void
    {
        $this->forAll(
            new ChooseGenerator(-2_000_000, 2_000_000),
            new SequenceGenerator(new ChooseGenerator(0, 100_000)),
        )
            ->when(fn (int $total, array $weights): bool => array_sum($weights) > 0)
            ->then(function (int $total, array $weights): void {
                $weights = array_values(array_map(fn (mixed $weight): int => is_int($weight) ? $weight : 0, $weights));
                $parts = LargestRemainder::split($total, $weights);
                self::assertSame($total, array_sum($parts));
                foreach ($parts as $i => $part) {
                    self::assertEqualsWithDelta(($total * $weights[$i]) / array_sum($weights), $part, 1.0);
                }
            });
    }

    public function test_what_is_missing_goes_to_the_first_of_equals(): void
    {
        self::assertSame([34, 33, 33], LargestRemainder::split(100, [1, 1, 1]));
        self::assertSame([-33, -33, -34], LargestRemainder::split(-100, [1, 1, 1]));
        self::assertSame([0, 5], LargestRemainder::split(5, [0, 3]));
    }

    public function test_nothing_cannot_carry_a_total(): void
    {
        $this->expectException(UnsplittableTotal::class);
        LargestRemainder::split(10, [0, 0]);
    }
}
