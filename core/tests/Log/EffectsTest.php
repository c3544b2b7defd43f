<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Log\BadLog;
use Sectum\Log\Effects\Effects;
use Sectum\Log\Effects\Interval;
use Sectum\Log\Effects\Seen;
use Sectum\Log\Effects\Spreads;
use Sectum\Math\Normal;

final class EffectsTest extends TestCase
{
    private const SEEN = [
        ['A', 'X', 2100, 58.9],
        ['A', 'X', 1800, 57.6],
        ['A', 'Y', 2500, 59.8],
        ['B', 'X', 2000, 55.9],
        ['B', 'Y', 2300, 57.2],
        ['B', 'Y', 1900, 56.0],
        ['C', 'X', 2600, 58.8],
        ['C', 'Y', 2200, 58.1],
        ['C', 'Y', 2050, 57.7],
        ['A', 'Y', 2150, 59.1],
        ['B', 'X', 2450, 57.0],
        ['C', 'X', 1950, 57.2],
    ];

    private static function told(): Effects
    {
        return Effects::of(array_map(
            fn (array $one): Seen => Seen::yielding('Hake, gutted', $one[2], $one[3], [
                'cutter' => $one[0],
                'supplier' => $one[1],
            ]),
            self::SEEN,
        ), ['cutter', 'supplier']);
    }

    public function test_three_hands_and_two_suppliers_are_told_apart(): void
    {
        $told = self::told();
        [$cutter, $supplier] = $told->factors;
        self::assertEqualsWithDelta(0.1493, $told->restSdPct, 0.0005);
        self::assertEqualsWithDelta(5.6734, $told->slopePct ?? 0, 0.001);
        self::assertEqualsWithDelta(1.1999, $cutter->sdPct, 0.002);
        self::assertEqualsWithDelta(0.2053, $supplier->sdPct, 0.002);
        $effects = [];
        foreach ([...$cutter->effects, ...$supplier->effects] as $one) {
            $effects[$one->level] = [round($one->pct, 2), round($one->sdPct, 2), $one->records];
        }
        self::assertSame(
            ['A' => [1.15, 0.7, 4], 'B' => [-1.24, 0.7, 4], 'C' => [0.09, 0.7, 4], 'X' => [-0.14, 0.15, 6],
                'Y' => [0.14, 0.15, 6]],
            $effects,
        );
        self::assertSame(['A', 'B'], [$cutter->differences[0]->a, $cutter->differences[0]->b]);
        self::assertEqualsWithDelta(2.3902, $cutter->differences[0]->pct, 0.001);
        self::assertEqualsWithDelta(0.1055, $cutter->differences[0]->sdPct, 0.0005);
        self::assertEqualsWithDelta(1.0635, $cutter->differences[1]->pct, 0.001);
        self::assertEqualsWithDelta(0.1060, $cutter->differences[1]->sdPct, 0.0005);
        self::assertCount(3, $cutter->differences);
    }

    public function test_what_people_read_allows_for_not_knowing_how_much_hands_differ(): void
    {
        $records = array_map(fn (array $one): Seen => Seen::yielding('hake', $one[2], $one[3], [
            'cutter' => $one[0],
            'supplier' => $one[1],
        ]), self::SEEN);
        $read = Spreads::of($records, ['cutter', 'supplier'], 'cutter')->differences();
        self::assertSame(['A B', 'A C', 'B C'], array_map(fn (Interval $one): string => "{$one->a} {$one->b}", $read));
        self::assertEqualsWithDelta(2.39, $read[0]->pct, 0.03);
        self::assertLessThan(2.3902 - 1.645 * 0.1055, $read[0]->low, 'wider than if the spread were known');
        self::assertGreaterThan(2.3902 + 1.645 * 0.1055, $read[0]->high);
        $wider = Spreads::of($records, ['cutter', 'supplier'], 'cutter')->differences(0.98);
        self::assertLessThan($read[0]->low, $wider[0]->low);
        $this->expectException(BadLog::class);
        Spreads::of($records, ['cutter'], 'supplier');
    }

    public function test_order_of_records_and_another_unit_of_mass_change_nothing(): void
    {
        $records = array_map(fn (array $one): Seen => Seen::yielding('hake', $one[2] * 7.3, $one[3], [
            'cutter' => $one[0],
            'supplier' => $one[1],
        ]), array_reverse(self::SEEN));
        $other = Effects::of($records, ['supplier', 'cutter']);
        self::assertEqualsWithDelta(self::told()->restSdPct, $other->restSdPct, 1e-4);
        self::assertEqualsWithDelta(self::told()->factors[0]->sdPct, $other->factors[1]->sdPct, 1e-3);
    }

    public function test_what_a_record_cannot_show_is_not_shown(): void
    {
        $same = array_map(
            fn (int $i): Seen => Seen::yielding('hake', 2000, 57.0, ['cutter' => "c{$i}", 'supplier' => 'one']),
            range(1, 6),
        );
        $none = Effects::of($same, ['cutter', 'supplier']);
        self::assertSame([['supplier'], null, []], [$none->leftOut, $none->slopePct, $none->factors[0]->differences]);
        self::assertEqualsWithDelta(57.0, $none->groups['hake'], 1e-9);
        foreach ($none->factors[0]->effects as $one) {
            self::assertSame(0.0, $one->pct);
        }
        $this->expectException(BadLog::class);
        Effects::of([Seen::yielding('hake', 2000, 57.0, [])], ['cutter']);
    }

    /** Hands that do not differ come out as nothing in about half of all houses, and never as much. */
    public function test_true_effects_come_back_and_none_is_made_up(): void
    {
        $random = new Randomizer(new Mt19937(20261128));
        $normal = fn (float $sd): float => $sd * Normal::quantile($random->getInt(1, 99_999) / 100_000);
        $off = $made = [];
        for ($house = 0; $house < 30; $house++) {
            $real = $house % 2 === 0 ? 1.5 : 0.0;
            $hands = array_map(fn (int $_): float => $normal($real), range(0, 5));
            $records = [];
            for ($i = 0; $i < 180; $i++) {
                $hand = $random->getInt(0, 5);
                $grams = (float) $random->getInt(1200, 3200);
                $pct = 57 + 4 * log($grams / 2000) + $hands[$hand] + $normal(1.2);
                $records[] = Seen::yielding('hake', $grams, $pct, ['cutter' => "hand {$hand}"]);
            }
            $told = Effects::of($records, ['cutter'])->factors[0];
            if ($real > 0) {
                foreach ($told->differences as $one) {
                    $true = $hands[(int) substr($one->a, 5)] - $hands[(int) substr($one->b, 5)];
                    $off[] = abs($one->pct - $true) / max(1e-9, $one->sdPct);
                }
            } else {
                $made[] = $told->sdPct;
            }
        }
        $beyond = count(array_filter($off, fn (float $one): bool => $one > 1.645)) / count($off);
        self::assertLessThan(0.2, $beyond, 'nine of ten true differences lie within 1.645 spreads');
        self::assertLessThan(0.5, max([0.0, ...$made]));
        self::assertContains(0.0, $made);
    }
}
