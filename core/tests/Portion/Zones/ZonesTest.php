<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Zones;

use PHPUnit\Framework\TestCase;
use Sectum\Portion\BadFillet;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\School;
use Sectum\Portion\Zones\BellyFlap;
use Sectum\Portion\Zones\TakenOff;
use Sectum\Portion\Zones\Ways;
use Sectum\Portion\Zones\Zone;

final class ZonesTest extends TestCase
{
    private static function fillet(float $grams = 1480): FilletOnBoard
    {
        return new FilletOnBoard(FilletShape::named('long-side'), $grams, 52, 34, 40, 10);
    }

    public function test_a_side_without_its_belly_weighs_less_just_where_the_belly_was(): void
    {
        $shape = FilletShape::named('long-side');
        $off = (new BellyFlap(0.08))->off($shape);
        // Before and beyond it every gram is where it was; the whole is 92 of 100.
        foreach ([0.02, 0.05] as $x) {
            self::assertEqualsWithDelta($shape->massUpTo($x), 0.92 * $off->massUpTo($x), 1e-9);
        }
        foreach ([0.6, 0.75, 0.9] as $x) {
            self::assertEqualsWithDelta(1 - $shape->massUpTo($x), 0.92 * (1 - $off->massUpTo($x)), 1e-9);
        }
        // Summed in small steps the difference is the flap.
        $sum = 0.0;
        for ($i = 0; $i < 10_000; $i++) {
            $x = ($i + 0.5) / 10_000;
            $flap = $shape->massPerLengthAt($x) - 0.92 * $off->massPerLengthAt($x);
            self::assertGreaterThanOrEqual(-1e-9, $flap);
            $sum += $flap / 10_000;
        }
        self::assertEqualsWithDelta(0.08, $sum, 1e-6);
        self::assertSame($shape->thicknessAt(0.37), $off->thicknessAt(0.37));
    }

    public function test_a_flap_heavier_than_its_side_is_refused(): void
    {
        self::assertSame('/belly_share', $this->refused(fn () => new BellyFlap(0.3)));
        $slim = FilletShape::of([1, 0.1, 0.1, 0.1, 0.1, 0.1, 0.1, 0.1, 1, 1, 1], array_fill(0, 11, 1.0));
        self::assertStringStartsWith(
            '/fillet/stations',
            (string) $this->refused(fn () => (new BellyFlap(0.29))->off($slim)),
        );
    }

    /** @param  callable(): mixed  $try */
    private function refused(callable $try): ?string
    {
        try {
            $try();
        } catch (BadFillet $bad) {
            return $bad->pointer();
        }

        return null;
    }

    public function test_nine_ways_each_add_up_to_the_side_and_none_beats_what_a_full_search_of_it_finds(): void
    {
        mt_srand(20261130);
        for ($case = 0; $case < 40; $case++) {
            $fillet = self::fillet((float) mt_rand(900, 2600));
            $kinds = [new Kind('a', 170, 6, 8, 620), new Kind('b', 70, 4, 5, 240)];
            $flap = new BellyFlap(mt_rand(0, 12) / 100);
            $ways = Ways::of($fillet, $kinds, School::Exact, $flap, 900, 1400);
            self::assertCount(9, $ways->all);
            foreach ($ways->all as $way) {
                $cut = array_sum(array_map(fn ($piece): float => $piece->massGrams, $way->pieces));
                $belly = $way->belly === TakenOff::Before ? $flap->share * $fillet->massGrams : 0.0;
                $bits = $way->belly === TakenOff::After ? $flap->share * $cut : 0.0;
                self::assertEqualsWithDelta($fillet->massGrams, $cut - $bits + $belly + $way->leftOverGrams, 1e-6);
                // Money of what there is, by hand: portions, belly in one piece, everything else as trim.
                $portions = array_sum(array_map(fn ($piece): float => $piece->kind === 'a' ? 620 : 240, $way->pieces));
                self::assertEqualsWithDelta(
                    $portions + 1.4 * $belly + 0.9 * $way->leftOverGrams,
                    $way->value,
                    1e-6,
                    "case {$case}",
                );
            }
            $on = $ways->at(TakenOff::LeftOn, TakenOff::Before);
            self::assertEqualsWithDelta(School::Exact->plan($fillet, $kinds, 900)->value, $on->value, 1e-9);
            // A tail left on gives at least as much to cut from.
            self::assertGreaterThanOrEqual(
                $on->value - 1e-9,
                $ways->at(TakenOff::LeftOn, TakenOff::LeftOn)->value,
            );
            self::assertEqualsWithDelta($on->value, $ways->at(TakenOff::LeftOn, TakenOff::After)->value, 1e-9);
        }
    }

    public function test_a_belly_left_on_is_uneven_and_one_taken_off_is_not(): void
    {
        $ways = Ways::of(self::fillet(), [new Kind('a', 170, 6, 8, 620)], School::Exact, new BellyFlap(), 900, 1400);
        $on = $ways->at(TakenOff::LeftOn, TakenOff::Before);
        $off = $ways->at(TakenOff::Before, TakenOff::Before);
        self::assertGreaterThan(7.0, $on->unevenness);
        self::assertLessThan($on->unevenness, $off->unevenness);
        self::assertLessThanOrEqual(count($on->pieces), count($off->pieces));
        // Off every portion afterwards: each was cut heavier by its share, 170 over 0.92.
        $after = $ways->at(TakenOff::After, TakenOff::Before);
        self::assertEqualsWithDelta(184.783, $after->pieces[0]->massGrams, 0.001);
    }

    public function test_a_stretch_left_before_a_dish_of_the_tail_is_no_portion(): void
    {
        $tail = new Kind('tail', 70, 4, 5, 300, fromShare: 0.55);
        foreach (Ways::of(self::fillet(), [$tail], School::Exact, new BellyFlap(), 900, 1400)->all as $way) {
            self::assertSame(['tail'], array_values(array_unique(array_column($way->pieces, 'kind'))));
        }
    }

    public function test_the_zones_lie_end_to_end(): void
    {
        $to = 0.0;
        foreach (Zone::cases() as $zone) {
            $stretch = $zone->stretch();
            if ($stretch !== null) {
                self::assertSame($to, $stretch->from);
                $to = $stretch->to;
            }
        }
        self::assertSame(1.0, $to);
        self::assertNull(Zone::Belly->stretch());
    }
}
