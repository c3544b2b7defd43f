<?php

declare(strict_types=1);

namespace Sectum\Tests\Practise;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Math\ChiSquared;
use Sectum\Math\Normal;
use Sectum\Measure\Mass;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Gate\Eye;
use Sectum\Practise\Gate\Guess;
use Sectum\Practise\Order\Before;
use Sectum\Practise\Order\StepOrder;

final class EyeTest extends TestCase
{
    private const WORKED = [
        [175, 180], [190, 182], [170, 178], [165, 171], [150, 149],
        [183, 180], [171, 176], [160, 158], [182, 188], [177, 179],
    ];

    /**
     * @param  list<array{int|float, int|float}>  $pairs  guessed and true grams
     * @return list<Guess>
     */
    private function guesses(array $pairs): array
    {
        return array_map(fn (array $one): Guess => new Guess(Mass::ofGrams($one[0]), Mass::ofGrams($one[1])), $pairs);
    }

    public function test_the_worked_eye(): void
    {
        $eye = Eye::of($this->guesses(self::WORKED), 8.0, Mass::ofGrams(1));
        self::assertEqualsWithDelta(-0.99314, $eye->biasPct, 1e-5);
        self::assertEqualsWithDelta(2.86784, $eye->scatterPct, 1e-5);
        self::assertEqualsWithDelta(2.83819, $eye->k, 1e-5);
        self::assertEqualsWithDelta(-9.1326, $eye->lowPct, 1e-4);
        self::assertEqualsWithDelta(7.1463, $eye->highPct, 1e-4);
        self::assertFalse($eye->passes);
        self::assertSame(6, $eye->moreAtLeast);
        self::assertSame(0, Eye::of($this->guesses(self::WORKED), 9.2, Mass::ofGrams(1))->moreAtLeast);
        self::assertNull(Eye::of($this->guesses(self::WORKED), 3.0, Mass::ofGrams(1))->moreAtLeast, 'never');
    }

    public function test_an_eye_is_no_finer_than_the_scale_and_nine_guesses_are_not_judged(): void
    {
        $same = $this->guesses(array_fill(0, 9, [100, 100]));
        $eye = Eye::of($same, 50.0, Mass::ofGrams(5));
        self::assertEqualsWithDelta(5 / sqrt(12), $eye->scatterPct, 1e-9);
        self::assertFalse($eye->passes);
        self::assertSame(1, $eye->moreAtLeast);
        self::assertTrue(Eye::of([...$same, ...$this->guesses([[100, 100]])], 50.0, Mass::ofGrams(5))->passes);
        self::assertNull(Eye::of([], 8.0, Mass::ofGrams(1))->biasPct);
        self::assertSame(9, Eye::of($this->guesses([[90, 100]]), 8.0, Mass::ofGrams(1))->moreAtLeast);
    }

    public function test_a_gate_looks_at_thirty_sixty_a_hundred_and_then_every_fifty(): void
    {
        $looked = fn (int $n): int => Eye::lookedAt($n);
        self::assertSame([0, 30, 30, 60, 100, 100, 150, 150, 200], array_map(
            $looked,
            [29, 30, 59, 60, 100, 149, 150, 199, 200],
        ));
    }

    public function test_nine_of_ten_lie_within_what_is_said_nineteen_times_of_twenty(): void
    {
        $random = new Randomizer(new Mt19937(16));
        $held = 0;
        for ($run = 0; $run < 400; $run++) {
            $pairs = [];
            for ($i = 0; $i < 30; $i++) {
                $pairs[] = [1000 * (1 + 0.04 * Normal::quantile($random->getInt(1, 999_999) / 1e6) + 0.01), 1000];
            }
            $eye = Eye::of($this->guesses($pairs), 8.0, Mass::ofGrams(1));
            $content = Normal::above((($eye->lowPct ?? 0.0) - 1) / 4) - Normal::above((($eye->highPct ?? 0.0) - 1) / 4);
            $held += $content >= 0.9 ? 1 : 0;
        }
        self::assertGreaterThan(0.92 * 400, $held);
        self::assertLessThan(0.985 * 400, $held);
    }

    public function test_chi_squared_beside_a_table(): void
    {
        self::assertEqualsWithDelta(3.325113, (new ChiSquared(9))->quantile(0.05), 1e-6);
        self::assertEqualsWithDelta(3.841459, (new ChiSquared(1))->quantile(0.95), 1e-6);
        self::assertEqualsWithDelta(77.929465, (new ChiSquared(100))->quantile(0.05), 1e-6);
        self::assertSame(0.0, (new ChiSquared(3))->below(-1.0));
    }

    public function test_the_worked_order_of_steps(): void
    {
        $before = [
            new Before('scale', 'head'),
            new Before('head', 'side-a'),
            new Before('side-a', 'side-b'),
            new Before('side-b', 'ribs'),
        ];
        $order = StepOrder::of(['head', 'side-a', 'scale', 'side-b', 'ribs'], $before);
        self::assertSame(10, $order->pairs);
        self::assertEquals([new Before('scale', 'head'), new Before('scale', 'side-a')], $order->wrong);
        self::assertSame(80.0, $order->scorePct);
        self::assertSame(100.0, StepOrder::of(['a', 'b'], [])->scorePct);
        self::assertSame(100.0, StepOrder::of(['1', '2'], [new Before('1', '2')])->scorePct, 'names may be numbers');
    }

    public function test_a_circle_a_stranger_and_a_step_twice_are_refused(): void
    {
        foreach (
            [
                fn () => StepOrder::of(['a', 'b'], [new Before('a', 'b'), new Before('b', 'a')]),
                fn () => StepOrder::of(['a'], [new Before('a', 'a')]),
                fn () => StepOrder::of(['a'], [new Before('a', 'c')]),
                fn () => StepOrder::of(['a', 'a'], []),
                fn () => new Guess(Mass::zero(), Mass::ofGrams(1)),
                fn () => new Guess(Mass::ofGrams(1), Mass::zero()),
                fn () => Eye::of([], 0.0, Mass::ofGrams(1)),
            ] as $i => $make
        ) {
            try {
                $make();
                self::fail("case {$i}");
            } catch (BadDrill $no) {
                self::assertNotSame('', $no->pointer());
            }
        }
    }
}
