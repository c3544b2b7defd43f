<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Places;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Sectum\Hold\BadHold;
use Sectum\Hold\Places\OutOfRange;
use Sectum\Hold\Places\PlaceKind;
use Sectum\Hold\Places\PlaceLimits;
use Sectum\Hold\Places\Range;
use Sectum\Hold\Point;

final class OutOfRangeTest extends TestCase
{
    /**
     * @param  array<int, float>  $celsius  by minute
     * @return list<Point>
     */
    private static function points(array $celsius): array
    {
        return array_map(
            fn (int $minute, float $c): Point => new Point($minute, $c),
            array_keys($celsius),
            array_values($celsius),
        );
    }

    public function test_a_door_is_no_fault_and_a_warm_hour_is(): void
    {
        $cold = PlaceKind::ColdRoom->limits();
        $door = self::points([0 => 3.0, 5 => 6.5, 10 => 7.0, 15 => 4.5, 30 => 3.0]);
        self::assertSame([], OutOfRange::all($door, $cold));
        $all = OutOfRange::all(
            self::points([0 => 3.0, 5 => 6.5, 20 => 9.0, 40 => 5.1, 60 => 5.0, 90 => -0.5, 115 => -0.2]),
            $cold,
        );
        self::assertSame(
            [[Range::TooWarm, 5.0, 60.0, 9.0], [Range::TooCold, 90.0, null, -0.5]],
            array_map(fn (OutOfRange $one): array => [$one->how, $one->from, $one->to, $one->worst], $all),
        );
    }

    public function test_what_a_person_read_counts_at_once(): void
    {
        $warm = self::points([0 => 3.0, 600 => 8.2]);
        self::assertSame([], OutOfRange::all($warm, PlaceKind::ColdRoom->limits()));
        $typed = OutOfRange::all($warm, PlaceKind::ColdRoom->limits(), [600.0]);
        self::assertSame([600.0, null], [$typed[0]->from, $typed[0]->to]);
    }

    public function test_more_patience_never_finds_more_and_colder_limits_never_less_warm(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(41));
        $found = 0;
        for ($i = 0; $i < 500; $i++) {
            $celsius = [];
            for ($minute = 0; $minute < 400; $minute += $random->getInt(1, 30)) {
                $celsius[$minute] = $random->getInt(-300, 120) / 10;
            }
            $points = self::points($celsius);
            $limits = new PlaceLimits(null, $random->getInt(-250, 50) / 10);
            $counts = array_map(
                fn (float $patience): int => count(OutOfRange::all($points, $limits, [], $patience)),
                [0.0, 10.0, 20.0, 60.0],
            );
            $found += $counts[0];
            $sorted = $counts;
            rsort($sorted);
            self::assertSame($sorted, $counts);
            $minutes = fn (PlaceLimits $of): float => array_sum(
                array_map(
                    fn (OutOfRange $one): float => ($one->to ?? (float) array_key_last($celsius)) - $one->from,
                    OutOfRange::all($points, $of, [], 0.0),
                ),
            );
            self::assertGreaterThanOrEqual(
                $minutes($limits),
                $minutes(new PlaceLimits(null, (float) $limits->highest - 5)),
            );
        }
        self::assertGreaterThan(1_000, $found);
    }

    /** @return iterable<string, array{float|null, float|null, string}> */
    public static function wrong(): iterable
    {
        yield 'upside down' => [5.0, 0.0, '/lowest'];
        yield 'equal' => [2.0, 2.0, '/lowest'];
        yield 'a room' => [null, 40.0, '/highest'];
        yield 'space' => [-200.0, null, '/lowest'];
    }

    #[DataProvider('wrong')]
    public function test_limits_that_make_no_sense_are_refused(?float $lowest, ?float $highest, string $at): void
    {
        try {
            new PlaceLimits($lowest, $highest);
            self::fail('It was taken.');
        } catch (BadHold $bad) {
            self::assertSame($at, $bad->pointer());
        }
    }

    public function test_a_place_starts_with_the_limits_of_its_kind(): void
    {
        self::assertSame(Range::TooWarm, PlaceKind::Freezer->limits()->judge(-17.9));
        self::assertSame(Range::Within, PlaceKind::Freezer->limits()->judge(-18.0));
        self::assertSame(Range::TooCold, PlaceKind::ColdRoom->limits()->judge(-0.1));
        self::assertSame(Range::Within, PlaceKind::Blast->limits()->judge(15.0));
        self::assertSame([true, false], [PlaceKind::Blast->freezes(), PlaceKind::Ice->freezes()]);
    }
}
