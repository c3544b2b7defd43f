<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Cuts;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Cuts\Pair;
use Sectum\Portion\Cuts\Pairing;

final class PairingTest extends TestCase
{
    public function test_eight_fillets_make_the_four_plates_of_the_handbook(): void
    {
        $masses = [92.0, 101.0, 88.0, 110.0, 97.0, 104.0, 95.0, 120.0];
        $pairing = Pairing::of($masses, 200, 8, 8);
        self::assertCount(4, $pairing->pairs);
        self::assertEqualsWithDelta(73.0, $pairing->spread, 1e-9);
        self::assertSame([], $pairing->left);
        self::assertSame(
            [0, 1, 2, 3, 4, 5, 6, 7],
            self::sorted(
                array_merge(...array_map(fn (Pair $pair): array => [$pair->first, $pair->second], $pairing->pairs)),
            ),
        );
    }

    /**
     * @param  list<int>  $places
     * @return list<int>
     */
    private static function sorted(array $places): array
    {
        sort($places);

        return $places;
    }

    public function test_an_odd_fillet_and_one_that_fits_no_plate_stay_alone(): void
    {
        $pairing = Pairing::of([100.0, 100.0, 100.0, 400.0], 200, 5, 5);
        self::assertCount(1, $pairing->pairs);
        self::assertCount(2, $pairing->left);
        self::assertContains(3, $pairing->left);
        self::assertSame([0, 0.0], [count(Pairing::of([100.0], 200, 5, 5)->pairs), Pairing::of([], 200, 5, 5)->spread]);
        $this->expectException(BadCut::class);
        Pairing::of([100.0, 0.0], 200, 5, 5);
    }

    /** Against every way there is, up to ten fillets. */
    public function test_it_agrees_with_trying_every_pairing(): void
    {
        mt_srand(20261127);
        for ($case = 0; $case < 300; $case++) {
            $masses = [];
            $many = mt_rand(2, 10);
            for ($i = 0; $i < $many; $i++) {
                $masses[] = mt_rand(700, 1300) / 10;
            }
            [$minus, $plus] = [(float) mt_rand(0, 25), (float) mt_rand(0, 25)];
            $best = self::tried($masses, $minus, $plus);
            $found = Pairing::of($masses, 200, $minus, $plus);
            self::assertCount($best[0], $found->pairs, "case {$case}");
            self::assertEqualsWithDelta($best[1], $found->spread, 1e-6, "case {$case}");
            foreach ($found->pairs as $pair) {
                self::assertEqualsWithDelta($masses[$pair->first] + $masses[$pair->second], $pair->grams, 1e-9);
                self::assertGreaterThanOrEqual(200 - $minus - 1e-6, $pair->grams);
                self::assertLessThanOrEqual(200 + $plus + 1e-6, $pair->grams);
            }
            self::assertCount($many - 2 * count($found->pairs), $found->left);
        }
    }

    /**
     * Most pairs, then the least spread, by trying them all.
     *
     * @param  list<float>  $masses
     * @return array{int, float}
     */
    private static function tried(array $masses, float $minus, float $plus): array
    {
        if (count($masses) < 2) {
            return [0, 0.0];
        }
        $first = array_shift($masses);
        $best = self::tried($masses, $minus, $plus);
        foreach ($masses as $i => $other) {
            $sum = $first + $other;
            if ($sum < 200 - $minus - 1e-9 || $sum > 200 + $plus + 1e-9) {
                continue;
            }
            $rest = $masses;
            unset($rest[$i]);
            [$pairs, $spread] = self::tried(array_values($rest), $minus, $plus);
            [$pairs, $spread] = [$pairs + 1, $spread + ($sum - 200) ** 2];
            if ($pairs > $best[0] || ($pairs === $best[0] && $spread < $best[1])) {
                $best = [$pairs, $spread];
            }
        }

        return $best;
    }
}
