<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Allocate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Portion\Allocate\Allocation;
use Sectum\Portion\Allocate\OnBench;
use Sectum\Portion\Allocate\Wanted;
use Sectum\Portion\BadFillet;

final class AllocationTest extends TestCase
{
    public function test_the_worked_case_comes_to_its_optimum(): void
    {
        $fillets = array_map(
            fn (int $available): OnBench => new OnBench("side of {$available}", $available + 120, $available),
            [1310, 1275, 1420, 1190, 1365, 1240],
        );
        $answer = Allocation::of(
            $fillets,
            [new Wanted('plate', 170, 30, 6.2, 2.0), new Wanted('tasting', 70, 24, 2.4, 0.6)],
            9.0,
        );
        self::assertEqualsWithDelta(261.61, $answer->objective, 0.005);
        self::assertSame(0.0, $answer->gapPct());
        self::assertSame(['plate' => 0, 'tasting' => 0], $answer->short);
    }

    public function test_small_benches_agree_with_trying_everything(): void
    {
        mt_srand(1125);
        for ($case = 0; $case < 150; $case++) {
            [$fillets, $kinds, $trim] = self::bench(mt_rand(1, 3), mt_rand(1, 3), 400, 0);
            $answer = Allocation::of($fillets, $kinds, $trim);
            $best = self::exhaust($fillets, $kinds, $trim);
            self::assertGreaterThanOrEqual($best - 1e-6, $answer->bound, "case {$case}: the bound is no bound");
            self::assertLessThanOrEqual(
                $best + 1e-6,
                $answer->objective,
                "case {$case}: better than the best there is",
            );
            if (count($kinds) < 3) {
                self::assertEqualsWithDelta($best, $answer->objective, 1e-6, "case {$case}");
                self::assertSame(0.0, $answer->gapPct());
            }
        }
    }

    public function test_three_kinds_on_few_fillets_are_nearly_always_settled_best(): void
    {
        mt_srand(77);
        $missed = 0;
        for ($case = 0; $case < 25; $case++) {
            [$fillets, $kinds, $trim] = self::bench(3, 3, 420, 60);
            $missed +=
                Allocation::of($fillets, $kinds, $trim)->objective < self::exhaust($fillets, $kinds, $trim) - 1e-6
                    ? 1
                    : 0;
        }
        self::assertLessThanOrEqual(2, $missed);
    }

    /** @return array<string, array{int, int}> */
    public static function benches(): array
    {
        return [
            '8 fillets, 2 kinds' => [8, 2],
            '12 fillets, 3 kinds' => [12, 3],
            '30 fillets, 4 kinds' => [30, 4],
            '61 fillets, 3 kinds' => [61, 3],
        ];
    }

    #[DataProvider('benches')]
    public function test_pieces_fit_sums_agree_and_no_greedy_fill_is_better(int $many, int $several): void
    {
        mt_srand($many * $several);
        [$fillets, $kinds, $trim] = self::bench($many, $several, 2000, 600);
        $answer = Allocation::of($fillets, $kinds, $trim);
        self::assertEquals($answer, Allocation::of($fillets, $kinds, $trim), 'the same request, the same answer');
        $inPortions = 0.0;
        $worth = 0.0;
        foreach ($fillets as $i => $fillet) {
            $grams = array_sum(
                array_map(fn (Wanted $kind): float => $kind->targetGrams * $answer->counts[$i][$kind->id], $kinds),
            );
            self::assertLessThanOrEqual($fillet->availableGrams + 1e-6, $grams);
            $inPortions += $grams;
        }
        foreach ($kinds as $kind) {
            $made = array_sum(array_column($answer->counts, $kind->id));
            self::assertSame(
                [$made, max(0, $kind->need - $made), max(0, $made - $kind->need)],
                [$answer->made[$kind->id], $answer->short[$kind->id], $answer->surplus[$kind->id]],
            );
            $worth += $kind->value * min($made, $kind->need) + $kind->surplusValue * max(0, $made - $kind->need);
        }
        $mass = array_sum(array_map(fn (OnBench $fillet): float => $fillet->massGrams, $fillets));
        self::assertEqualsWithDelta($worth + ($trim / 1000) * ($mass - $inPortions), $answer->objective, 1e-6);
        self::assertGreaterThanOrEqual(self::greedy($fillets, $kinds, $trim) - 1e-6, $answer->objective);
        self::assertLessThanOrEqual(0.5, $answer->gapPct());
    }

    public function test_more_fish_or_more_demand_never_lowers_the_bound_below_what_was_reached(): void
    {
        mt_srand(5);
        [$fillets, $kinds, $trim] = self::bench(10, 3, 1500, 700);
        $before = Allocation::of($fillets, $kinds, $trim);
        $more = Allocation::of([...$fillets, new OnBench('one more', 900, 800)], $kinds, $trim);
        self::assertGreaterThanOrEqual($before->objective + $trim * 0.9 - 1e-6, $more->bound);
    }

    public function test_where_trim_is_worth_more_nothing_is_cut(): void
    {
        $answer = Allocation::of(
            [new OnBench('side', 1000, 900)],
            [
                new Wanted('plate', 180, 5, 1.0, 0.5),
                new Wanted('tasting', 70, 5, 0.4, 0.0),
                new Wanted('slice', 40, 9, 0.1, 0.0),
            ],
            20.0,
        );
        self::assertSame([['plate' => 0, 'tasting' => 0, 'slice' => 0]], $answer->counts);
        self::assertSame([5, 5, 9], array_values($answer->short));
        self::assertEqualsWithDelta(20.0, $answer->objective, 1e-9);
    }

    public function test_tenths_of_a_gram_are_kept_to(): void
    {
        $answer = Allocation::of(
            [new OnBench('side', 500, 250.1)],
            [new Wanted('a', 62.5, 9, 3, 0), new Wanted('b', 62.6, 9, 3.01, 0)],
            0.0,
        );
        self::assertSame([['a' => 3, 'b' => 1]], $answer->counts);
    }

    /** @return array<string, array{callable(): object, string}> */
    public static function wrong(): array
    {
        return [
            'a fillet of nothing' => [fn (): object => new OnBench('a', 0, 0), '/mass_g'],
            'more to cut than there is' => [fn (): object => new OnBench('a', 100, 101), '/available_g'],
            'a portion of nothing' => [fn (): object => new Wanted('a', 0, 1, 1, 0), '/target_g'],
            'wanted below none' => [fn (): object => new Wanted('a', 100, -1, 1, 0), '/need'],
            'a value below nothing' => [fn (): object => new Wanted('a', 100, 1, -1, 0), '/value'],
            'a surplus worth more than what is wanted' => [
                fn (): object => new Wanted('a', 100, 1, 1, 2),
                '/surplus_value',
            ],
        ];
    }

    /** @param  callable(): object  $make */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_where_it_was_entered(callable $make, string $pointer): void
    {
        try {
            $make();
            self::fail('This was taken.');
        } catch (BadFillet $bad) {
            self::assertSame($pointer, $bad->pointer());
        }
    }

    /** @return array{list<OnBench>, non-empty-list<Wanted>, float} */
    private static function bench(int $many, int $several, int $most, int $least): array
    {
        $fillets = [];
        for ($i = 0; $i < $many; $i++) {
            $available = mt_rand($least, $most);
            $fillets[] = new OnBench("fillet {$i}", $available + 50, $available);
        }
        $kinds = array_map(function (int $k) use ($many): Wanted {
            $value = mt_rand(50, 700) / 100;

            return new Wanted(
                "kind {$k}",
                mt_rand(60, 190),
                mt_rand(0, max(4, $many * 4)),
                $value,
                ($value * mt_rand(0, 100)) / 100,
            );
        }, range(1, $several));

        return [$fillets, $kinds, mt_rand(0, 14) / 1.0];
    }

    /**
     * Every count of every kind on every fillet.
     *
     * @param  list<OnBench>  $fillets
     * @param  non-empty-list<Wanted>  $kinds
     */
    private static function exhaust(array $fillets, array $kinds, float $trim): float
    {
        $reachable = [serialize(array_fill(0, count($kinds), 0)) => array_fill(0, count($kinds), 0)];
        foreach ($fillets as $fillet) {
            $next = [];
            foreach (self::patterns($kinds, $fillet->availableGrams) as $pattern) {
                foreach ($reachable as $made) {
                    $sum = array_map(fn (int $a, int $b): int => $a + $b, $made, $pattern);
                    $next[implode(',', $sum)] = $sum;
                }
            }
            $reachable = $next;
        }
        $mass = array_sum(array_map(fn (OnBench $fillet): float => $fillet->massGrams, $fillets));

        $best = 0.0;
        foreach ($reachable as $made) {
            $worth = ($trim / 1000) * $mass;
            foreach ($kinds as $i => $kind) {
                $worth +=
                    $kind->value * min($made[$i], $kind->need) +
                    $kind->surplusValue * max(0, $made[$i] - $kind->need) -
                    ($trim / 1000) * $kind->targetGrams * $made[$i];
            }
            $best = max($best, $worth);
        }

        return $best;
    }

    /**
     * @param  list<Wanted>  $kinds
     * @return list<list<int>>
     */
    private static function patterns(array $kinds, float $room): array
    {
        if ($kinds === []) {
            return [[]];
        }
        $patterns = [];
        for ($n = 0; $n * $kinds[0]->targetGrams <= $room; $n++) {
            foreach (self::patterns(array_slice($kinds, 1), $room - $n * $kinds[0]->targetGrams) as $rest) {
                $patterns[] = [$n, ...$rest];
            }
        }

        return $patterns;
    }

    /**
     * A cook without a plan: the dearest dish first, from the first fillet on.
     *
     * @param  list<OnBench>  $fillets
     * @param  list<Wanted>  $kinds
     */
    private static function greedy(array $fillets, array $kinds, float $trim): float
    {
        usort($kinds, fn (Wanted $a, Wanted $b): int => $b->value / $b->targetGrams <=> $a->value / $a->targetGrams);
        $left = array_map(fn (OnBench $fillet): float => $fillet->availableGrams, $fillets);
        $worth = ($trim / 1000) * array_sum(array_map(fn (OnBench $fillet): float => $fillet->massGrams, $fillets));
        foreach ($kinds as $kind) {
            $more = $kind->value - ($trim / 1000) * $kind->targetGrams;
            for ($n = 0; $n < $kind->need && $more > 0; $n++) {
                $at = array_key_first(array_filter($left, fn (float $room): bool => $room >= $kind->targetGrams));
                if ($at === null) {
                    break;
                }
                $left[$at] -= $kind->targetGrams;
                $worth += $more;
            }
        }

        return $worth;
    }
}
