<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Log\BadLog;
use Sectum\Log\Effects\BestLevel;
use Sectum\Log\Effects\Linked;
use Sectum\Log\Effects\Seen;
use Sectum\Log\Effects\Spreads;
use Sectum\Log\YearsMoney;
use Sectum\Math\Normal;
use Sectum\Math\Placed;
use Sectum\Math\StudentMixture;
use Sectum\Math\StudentT;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

final class EffectsToldTest extends TestCase
{
    /**
     * @param  array<string, float>  $hands  true effect
     * @return list<Seen>
     */
    private function house(array $hands, int $each, int $seed = 5): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $records = [];
        for ($i = 0; $i < $each; $i++) {
            foreach ($hands as $hand => $true) {
                $records[] = Seen::yielding(
                    $i % 2 === 0 ? 'hake' : 'zander',
                    (float) $random->getInt(1200, 3000),
                    ($i % 2 === 0 ? 57 : 48) + $true + Normal::quantile($random->getInt(1, 9999) / 10_000),
                    ['cutter' => $hand, 'supplier' => $i % 2 === 0 ? 'harbour' : 'lake'],
                );
            }
        }

        return $records;
    }

    public function test_levels_weighed_against_one_another_are_differences_and_add_up(): void
    {
        $spreads = Spreads::of($this->house(['a' => 1.0, 'b' => 0.0, 'c' => -1.0], 30), ['cutter'], 'cutter');
        $ab = $spreads->combined(['a' => 1.0, 'b' => -1.0]);
        $pairs = $spreads->differences();
        self::assertSame(['a', 'b'], [$pairs[0]->a, $pairs[0]->b]);
        self::assertEqualsWithDelta($pairs[0]->pct, $ab->mean, 1e-9);
        self::assertEqualsWithDelta($pairs[0]->low, $ab->quantile(0.05), 1e-6);
        $counts = $spreads->levels();
        self::assertSame(['a' => 30, 'b' => 30, 'c' => 30], $counts);
        $sum = 0.0;
        foreach (array_keys($counts) as $hand) {
            $sum += BestLevel::againstAll($spreads, $counts, $hand)->mean;
        }
        self::assertEqualsWithDelta(0.0, $sum, 1e-9, 'against all of them, together they are nothing');
        $best = BestLevel::of($spreads, $counts);
        self::assertSame('a', $best?->level);
        self::assertEqualsWithDelta(BestLevel::againstAll($spreads, $counts, 'a')->mean, $best->gain->mean, 1e-9);
        self::assertEqualsWithDelta(1.0, $best->gain->mean, 0.4);
        self::assertGreaterThan(0.95, 1 - $best->gain->below(0.0));
        self::assertNull(BestLevel::of($spreads, ['a' => 30, 'b' => 7]), 'seven fish are no example');
    }

    public function test_a_level_alone_with_its_kind_is_linked_to_nothing(): void
    {
        $records = $this->house(['a' => 0.5, 'b' => 0.0], 8);
        self::assertSame(['a' => 8, 'b' => 8], Linked::levels($records, 'cutter'));
        self::assertSame([], Linked::levels($records, 'supplier'), 'each brings a kind of his own');
        $records[] = Seen::yielding('hake', 2000, 57, ['cutter' => 'a', 'supplier' => 'lake']);
        self::assertSame(['harbour' => 8, 'lake' => 9], Linked::levels($records, 'supplier'));
        self::assertSame([], Linked::levels($records, 'method'));
    }

    public function test_costs_are_told_in_percent_whatever_the_fish_is_worth(): void
    {
        $records = [];
        for ($i = 0; $i < 40; $i++) {
            [$dear, $kind] = [$i % 2 === 0, intdiv($i, 2) % 2];
            $records[] = Seen::costing(
                "kind {$kind}",
                2000.0 + 10 * $i,
                ($kind === 0 ? 30 : 90) * ($dear ? 1.05 : 1.0) * (1 + 0.004 * sin(3 * $i)),
                ['supplier' => $dear ? 'dear' : 'cheap'],
            );
        }
        $of = Spreads::of($records, ['supplier'], 'supplier')->combined(['dear' => 1.0, 'cheap' => -1.0]);
        self::assertEqualsWithDelta(100 * log(1.05), $of->mean, 0.3);
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach (
            [
                fn () => Seen::yielding('x', 0, 50, []),
                fn () => Seen::yielding('x', 100, 0, []),
                fn () => Seen::yielding('x', 100, 100.1, []),
                fn () => Seen::costing('x', 100, 0, []),
                fn () => Spreads::of([Seen::yielding('x', 100, 50, ['a' => 'b'])], ['a'], 'a'),
                fn () => Spreads::of($this->house(['a' => 0.0], 9), ['cutter'], 'cutter'),
            ] as $i => $make
        ) {
            try {
                $make();
                self::fail("case {$i}");
            } catch (BadLog $no) {
                self::assertNotSame('', $no->getMessage());
            }
        }
    }

    public function test_a_mixture_of_one_is_that_one(): void
    {
        $student = new StudentT(7);
        $mixture = new StudentMixture($student, [new Placed(2.0, 3.0)], [1.0]);
        self::assertEqualsWithDelta(2.0 + 3.0 * $student->quantile(0.9), $mixture->quantile(0.9), 1e-6);
        self::assertEqualsWithDelta(0.5, $mixture->below(2.0), 1e-12);
        $two = new StudentMixture($student, [new Placed(0.0, 0.0), new Placed(4.0, 0.0)], [0.25, 0.75]);
        self::assertSame(3.0, $two->mean);
        self::assertSame([0.0, 0.25, 1.0], [$two->below(-1.0), $two->below(1.0), $two->below(5.0)]);
        self::assertSame(0.125, $two->below(0.0), 'no difference is half above and half below');
    }

    public function test_points_are_worth_the_kilos_of_a_year_at_the_cost_of_an_edible_kilo(): void
    {
        $euro = Currency::of('EUR');
        $year = YearsMoney::of(Mass::ofGrams(73_050), 73, Money::ofMinor(90_000, $euro), Mass::ofGrams(30_000));
        self::assertNotNull($year);
        self::assertEqualsWithDelta(365_500, $year->aYear->grams(), 1.0);
        self::assertEqualsWithDelta(365.5 * 0.013 * 30, $year->worth(1.3)->minor / 100, 0.1);
        self::assertSame(-$year->worth(1.3)->minor, $year->worth(-1.3)->minor);
        self::assertEqualsWithDelta($year->worth(1.0)->minor / 4, $year->ofShare(0.25)->worth(1.0)->minor, 1.0);
        self::assertNull(YearsMoney::of(Mass::ofGrams(9), 27, Money::ofMinor(1, $euro), Mass::ofGrams(9)));
        self::assertNull(YearsMoney::of(Mass::ofGrams(9), 90, Money::ofMinor(1, $euro), Mass::zero()));
    }
}
