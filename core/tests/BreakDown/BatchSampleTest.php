<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\BadSample;
use Sectum\BreakDown\BatchSample;
use Sectum\Measure\Mass;

final class BatchSampleTest extends TestCase
{
    /** @return non-empty-list<Mass> */
    private static function masses(int $first, int ...$more): array
    {
        return array_map(fn (int $grams): Mass => Mass::ofGrams($grams), [$first, ...array_values($more)]);
    }

    public function test_mean_spread_and_total_of_a_sample(): void
    {
        $sample = BatchSample::of(self::masses(140, 150, 130, 144), 40);
        // Mean 141; squares 1 + 81 + 121 + 9 = 212, over 3: 8.4063. t(3) at 0.95 is 2.35336.
        self::assertEqualsWithDelta(
            [4, 141.0, 8.40635, 5640.0, 2.35336 * 40 * 8.40635 * sqrt(0.9 / 4)],
            [$sample->weighed, $sample->meanGrams, $sample->sdGrams, $sample->totalGrams, $sample->halfGrams],
            0.002,
        );
        $one = BatchSample::of(self::masses(140), 40);
        self::assertSame(
            [140.0, null, 5600.0, null],
            [$one->meanGrams, $one->sdGrams, $one->totalGrams, $one->halfGrams],
        );
    }

    public function test_with_all_weighed_nothing_is_left_to_guess_and_more_than_all_is_refused(): void
    {
        self::assertSame(0.0, BatchSample::of(self::masses(140, 150, 160), 3)->halfGrams);
        $this->expectException(BadSample::class);
        BatchSample::of(self::masses(140, 150, 160, 170), 3);
    }

    public function test_the_band_holds_the_true_total_about_nine_times_in_ten(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $held = 0;
        $rounds = 1500;
        for ($i = 0; $i < $rounds; $i++) {
            $batch = array_map(fn (): int => 90 + $random->getInt(0, 50) + $random->getInt(0, 50), range(1, 40));
            $sample = BatchSample::of(self::masses(...array_slice($random->shuffleArray($batch), 0, 6)), 40);
            $held += abs($sample->totalGrams - array_sum($batch)) <= (float) $sample->halfGrams ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.9, $held / $rounds, 0.025);
    }
}
