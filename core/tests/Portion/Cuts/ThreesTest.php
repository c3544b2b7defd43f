<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Cuts;

use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;
use Sectum\Portion\Band;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Cuts\Grouping;
use Sectum\Portion\Serve\PieceBand;

final class ThreesTest extends TestCase
{
    /** Against every way there is, up to nine pieces: never more than there can be, never beyond its own bound. */
    public function test_it_finds_what_trying_every_way_finds(): void
    {
        mt_srand(20261127);
        $missed = 0;
        for ($case = 0; $case < 300; $case++) {
            $masses = [];
            $many = mt_rand(2, 9);
            for ($i = 0; $i < $many; $i++) {
                $masses[] = mt_rand(400, 900) / 10;
            }
            [$minus, $plus] = [(float) mt_rand(2, 20), (float) mt_rand(2, 20)];
            [$most, $least] = self::tried($masses, 200 - $minus, 200 + $plus);
            $found = Grouping::of($masses, 200, $minus, $plus, 3);
            self::assertLessThanOrEqual($most, count($found->groups), "case {$case}");
            self::assertGreaterThanOrEqual($most, $found->bound, "case {$case}");
            $missed += $most - count($found->groups);
            if (count($found->groups) === $most) {
                self::assertGreaterThanOrEqual($least - 1e-6, $found->spread, "case {$case}");
            }
            $placed = array_merge(...$found->groups);
            self::assertCount(count($placed), array_unique($placed));
            self::assertCount($many - count($placed), $found->left);
            foreach ($found->groups as $group) {
                $sum = array_sum(array_map(fn (int $i): float => $masses[$i], $group));
                self::assertGreaterThanOrEqual(200 - $minus - 1e-6, $sum);
                self::assertLessThanOrEqual(200 + $plus + 1e-6, $sum);
            }
        }
        self::assertSame(0, $missed, 'plates it did not find in 300 cases');
    }

    /** Plates of three from pieces that were made so: as many are known to be there, and it may not find fewer. */
    public function test_it_finds_plates_that_are_known_to_be_there(): void
    {
        mt_srand(20261129);
        $short = $plates = 0;
        for ($case = 0; $case < 12; $case++) {
            $masses = [];
            $many = mt_rand(4, 30);
            for ($i = 0; $i < $many; $i++) {
                [$one, $two] = [mt_rand(450, 850) / 10, mt_rand(450, 850) / 10];
                array_push($masses, $one, $two, max(20.0, 210 - $one - $two));
            }
            $found = Grouping::of($masses, 210, 12, 12, 3);
            self::assertLessThanOrEqual($found->bound, count($found->groups));
            $plates += $found->bound;
            $short += $found->bound - count($found->groups);
        }
        self::assertLessThan(0.01 * $plates, $short);
    }

    public function test_the_same_pieces_give_the_same_plates(): void
    {
        $masses = array_map(fn (int $i): float => 50 + ($i * 37) % 41, range(0, 59));
        self::assertEquals(Grouping::of($masses, 210, 6, 6, 3), Grouping::of($masses, 210, 6, 6, 3));
    }

    public function test_what_fits_no_plate_stays_alone_and_does_not_loosen_the_bound(): void
    {
        $found = Grouping::of([70.0, 70.0, 70.0, 300.0, 5.0, 6.0], 210, 5, 5, 3);
        self::assertSame([[0, 1, 2]], $found->groups);
        self::assertSame([3, 4, 5], $found->left);
        self::assertSame(1, $found->bound);
        self::assertSame([], Grouping::of([], 210, 5, 5, 3)->groups);
    }

    public function test_nothing_but_twos_and_threes_is_put_together(): void
    {
        try {
            Grouping::of([70.0], 210, 5, 5, 4);
            self::fail('Fours were made.');
        } catch (BadCut $refused) {
            self::assertSame('/per_plate', $refused->pointer());
        }
    }

    public function test_a_piece_may_weigh_about_its_share_of_the_plate(): void
    {
        $plate = Band::of(Mass::ofGrams(200), Mass::ofGrams(8), Mass::ofGrams(8));
        self::assertSame($plate, PieceBand::of($plate, 1));
        $piece = PieceBand::of($plate, 2);
        self::assertSame(
            [100_000, 25_000, 25_000],
            [$piece->target->milligrams, $piece->minus->milligrams, $piece->plus->milligrams],
        );
        self::assertSame(66_666, PieceBand::of($plate, 3)->target->milligrams);
    }

    /**
     * Most plates, then the least spread, by trying every subset of pieces as a mask.
     *
     * @param  list<float>  $masses
     * @return array{int, float}
     */
    private static function tried(array $masses, float $least, float $most): array
    {
        $n = count($masses);
        $best = array_fill(0, 1 << $n, [0, 0.0]);
        for ($mask = 1; $mask < 1 << $n; $mask++) {
            for ($i = 0; $i < $n; $i++) {
                for ($j = $i + 1; $j < $n; $j++) {
                    for ($k = $j + 1; $k < $n; $k++) {
                        $three = (1 << $i) | (1 << $j) | (1 << $k);
                        $sum = $masses[$i] + $masses[$j] + $masses[$k];
                        if (($mask & $three) !== $three || $sum < $least - 1e-9 || $sum > $most + 1e-9) {
                            continue;
                        }
                        [$plates, $spread] = $best[$mask ^ $three];
                        [$plates, $spread] = [$plates + 1, $spread + ($sum - 200) ** 2];
                        if ($plates > $best[$mask][0] || ($plates === $best[$mask][0] && $spread < $best[$mask][1])) {
                            $best[$mask] = [$plates, $spread];
                        }
                    }
                }
            }
            // A mask holds whatever its parts hold.
            for ($i = 0; $i < $n; $i++) {
                $part = $best[$mask & ~(1 << $i)];
                if ($part[0] > $best[$mask][0] || ($part[0] === $best[$mask][0] && $part[1] < $best[$mask][1])) {
                    $best[$mask] = $part;
                }
            }
        }

        return $best[(1 << $n) - 1];
    }
}
