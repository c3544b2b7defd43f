<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;
use Sectum\Portion\BadBand;
use Sectum\Portion\Band;
use Sectum\Portion\Forecast;
use Sectum\Portion\Placed;
use Sectum\Portion\Tally;

final class TallyTest extends TestCase
{
    private static function band(): Band
    {
        return Band::of(Mass::ofGrams(170), Mass::ofGrams(6), Mass::ofGrams(8));
    }

    public function test_the_edges_of_the_band_are_still_within(): void
    {
        self::assertSame(Placed::Within, self::band()->place(Mass::ofGrams(164)));
        self::assertSame(Placed::Under, self::band()->place(Mass::ofMilligrams(163_999)));
        self::assertSame(Placed::Within, self::band()->place(Mass::ofGrams(178)));
        self::assertSame(Placed::Over, self::band()->place(Mass::ofMilligrams(178_001)));
    }

    public function test_a_run_of_portions(): void
    {
        $tally = Tally::of(array_map(Mass::ofGrams(...), [160, 170, 172, 180, 175]), self::band());
        self::assertSame([5, 1, 1], [$tally->count, $tally->under, $tally->over]);
        self::assertSame(857_000, $tally->total->milligrams);
        self::assertSame(171_400, $tally->mean?->milligrams);
        self::assertSame(17_000, $tally->givenAway->milligrams);
        self::assertEqualsWithDelta(7.4027, $tally->sdGrams, 0.0001);
        self::assertSame([160_000, 180_000], [$tally->lightest?->milligrams, $tally->heaviest?->milligrams]);
    }

    public function test_no_pieces_and_one_piece(): void
    {
        self::assertNull(Tally::of([], self::band())->mean);
        self::assertNull(Tally::of([Mass::ofGrams(170)], self::band())->sdGrams);
    }

    /** @return list<array{int, int, int, string}> */
    public static function bad(): array
    {
        return [
            [0, 0, 0, '/target_mg'],
            [170, 170, 5, '/minus_mg'],
            [170, -1, 5, '/minus_mg'],
            [170, 5, -1, '/plus_mg'],
        ];
    }

    #[DataProvider('bad')]
    public function test_a_band_nothing_could_be_judged_by_is_refused(
        int $target,
        int $minus,
        int $plus,
        string $pointer,
    ): void {
        try {
            Band::of(Mass::ofGrams($target), Mass::ofGrams($minus), Mass::ofGrams($plus));
            self::fail('It was taken for a band.');
        } catch (BadBand $refusal) {
            self::assertSame($pointer, $refusal->pointer());
        }
    }

    public function test_a_forecast_leaves_the_ends_out(): void
    {
        $band = Band::of(Mass::ofGrams(180), Mass::ofGrams(8), Mass::ofGrams(12));
        self::assertSame(
            [14, 0, 0, 1],
            array_map(fn (float $grams): int => Forecast::of(Mass::ofGrams($grams), $band), [2650, 185, 0, 186]),
        );
    }
}
