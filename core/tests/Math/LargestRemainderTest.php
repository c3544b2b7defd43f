<?php

declare(strict_types=1);

namespace Sectum\Tests\Math;

use Brick\Math\BigInteger;
use Eris\Generator\ChooseGenerator;
use Eris\Generator\SequenceGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
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

    public function test_the_machines_whole_numbers_and_exact_ones_give_the_same(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($case = 0; $case < 400; $case++) {
            $weights = [];
            for ($i = $random->getInt(1, 9); $i > 0; $i--) {
                $weights[] = $random->getInt(0, 3) === 0 ? 0 : $random->getInt(0, 5_000_000);
            }
            $weights[] = 1;
            $total = $random->getInt(-9_999, 99_999);
            self::assertSame(
                LargestRemainder::split($total, array_map(BigInteger::of(...), $weights)),
                LargestRemainder::split($total, $weights),
                json_encode([$total, $weights], JSON_THROW_ON_ERROR),
            );
        }
        $most = [PHP_INT_MAX - 1, PHP_INT_MAX - 1, 2];
        self::assertSame(100, array_sum(LargestRemainder::split(100, $most)), 'beyond the machine, exactly');
    }
}
