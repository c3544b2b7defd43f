<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Portion\BadFillet;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Kind;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\PortionPlan;
use Sectum\Portion\PortionStop;

final class PortionPlanTest extends TestCase
{
    use TestTrait;

    private static function fillet(): FilletOnBoard
    {
        return new FilletOnBoard(FilletShape::named('long-side'), 1480, 52, 34, 40, 10);
    }

    public function test_the_mass_up_to_a_point_is_exact_and_inverts(): void
    {
        $shape = FilletShape::named('long-side');
        foreach (
            [[0.1, 0.098826], [0.25, 0.289506], [0.5, 0.625245], [0.75, 0.877935], [0.9, 0.96771]] as [$x, $mass]
        ) {
            self::assertEqualsWithDelta($mass, $shape->massUpTo($x), 5e-7);
        }
        self::assertEqualsWithDelta(0.402902, $shape->where(0.5), 5e-7);
        $this->forAll(Generators::elements(FilletShape::names()), Generators::choose(0, 1_000_000))->then(function (
            string $name,
            int $millionths,
        ): void {
            $shape = FilletShape::named($name);
            $x = $millionths / 1_000_000;
            self::assertEqualsWithDelta($x, $shape->where($shape->massUpTo($x)), 1e-9);
            self::assertEqualsWithDelta(1.0, $shape->massUpTo(1.0), 1e-12);
        });
    }

    public function test_plates_of_170_grams(): void
    {
        $plan = PortionPlan::exact(self::fillet(), [new Kind('plate', 170, 6, 8, 6.2, minMm: 18)], 9.0);
        self::assertSame(['plate' => 7], $plan->counts);
        self::assertEqualsWithDelta(
            [46.01, 290, 49.59],
            [$plan->value, $plan->leftOverGrams, $plan->fillet->tailCutCm()],
            0.005,
        );
        $cuts = [
            ...array_map(fn (PlannedPiece $piece): float => $piece->fromCm, $plan->pieces),
            $plan->pieces[6]->toCm,
        ];
        self::assertEqualsWithDelta([1.59, 7.11, 11.74, 16.08, 20.43, 25.0, 30.05, 36.04], $cuts, 0.005);
        self::assertEquals(
            [
                new Message(PortionStop::TooThin, [
                    'kind' => 'plate',
                    'thin' => Length::ofMm(15),
                    'least' => Length::ofMm(18),
                ]),
            ],
            $plan->stoppedBy,
        );
    }

    public function test_plates_and_tasting_plates(): void
    {
        $plan = PortionPlan::exact(
            self::fillet(),
            [new Kind('plate', 170, 6, 8, 6.2, minMm: 18), new Kind('tasting', 70, 4, 5, 2.4, minMm: 12)],
            9.0,
        );
        self::assertSame(['plate' => 7, 'tasting' => 3], $plan->counts);
        self::assertEqualsWithDelta([51.32, 80], [$plan->value, $plan->leftOverGrams], 0.005);
    }

    public function test_eight_fit_when_each_gives_a_little(): void
    {
        $kinds = [new Kind('plate', 180, 10, 0, 6.2, minMm: 9)];
        $exact = PortionPlan::exact(self::fillet(), $kinds, 9.0);
        self::assertEqualsWithDelta(
            [7, 45.38, 220],
            [$exact->counts['plate'], $exact->value, $exact->leftOverGrams],
            0.005,
        );
        self::assertEquals(
            [
                new Message(PortionStop::WiderBand, [
                    'kind' => 'plate',
                    'short' => Mass::ofGrams(19),
                    'each' => Mass::ofGrams(3),
                ]),
            ],
            $exact->stoppedBy,
        );
        $fit = PortionPlan::fit(self::fillet(), $kinds, 9.0);
        self::assertEqualsWithDelta(
            [8, 50.124, 58.2, 0.2272, 177.7],
            [$fit->counts['plate'], $fit->value, $fit->leftOverGrams, $fit->shrink, $fit->pieces[0]->massGrams],
            0.05,
        );
        self::assertEqualsWithDelta(50.124, $fit->value, 0.0005);
        self::assertEqualsWithDelta(0.2272, $fit->shrink, 0.00005);
    }

    public function test_trying_everything_finds_nothing_better(): void
    {
        mt_srand(20261125);
        for ($case = 0; $case < 500; $case++) {
            $names = FilletShape::names();
            $fillet = new FilletOnBoard(
                FilletShape::named($names[mt_rand(0, 4)]),
                mt_rand(250, 900),
                mt_rand(20, 60),
                mt_rand(14, 45),
                mt_rand(0, 40),
                mt_rand(0, 12),
            );
            $kinds = [];
            for ($k = mt_rand(1, 3); $k > 0; $k--) {
                $target = mt_rand(60, 240);
                $kinds[] = new Kind(
                    "kind {$k}",
                    $target,
                    mt_rand(0, 15),
                    5,
                    mt_rand(0, 900) / 100,
                    mt_rand(0, 3) === 0 ? mt_rand(1, 2) : null,
                    mt_rand(0, 1) === 1 ? mt_rand(4, 20) : null,
                    mt_rand(0, 4) === 0 ? mt_rand(20, 45) : null,
                    mt_rand(0, 4) === 0 ? 0.5 : null,
                );
            }
            $trim = mt_rand(0, 12);
            self::assertNotEmpty($kinds);
            self::assertEqualsWithDelta(
                self::exhaust($fillet, $kinds, (float) $trim, false),
                PortionPlan::exact($fillet, $kinds, $trim)->value,
                1e-6,
                "case {$case}, exact",
            );
            self::assertEqualsWithDelta(
                self::exhaust($fillet, $kinds, (float) $trim, true),
                PortionPlan::fit($fillet, $kinds, $trim)->value,
                1e-6,
                "case {$case}, fit",
            );
        }
    }

    /**
     * The best value over every count vector and every order of it.
     *
     * @param  non-empty-list<Kind>  $kinds
     */
    private static function exhaust(FilletOnBoard $fillet, array $kinds, float $trim, bool $shrinks): float
    {
        $best = 0.0;
        $vectors = [[]];
        foreach ($kinds as $kind) {
            $more = [];
            foreach ($vectors as $vector) {
                for (
                    $n = 0;
                    $n <=
                    min(
                        $kind->max ?? 99,
                        floor($fillet->availableGrams() / ($kind->targetGrams - $kind->minusGrams)) + 1,
                    );
                    $n++
                ) {
                    $more[] = [...$vector, $n];
                }
            }
            $vectors = $more;
        }
        foreach ($vectors as $counts) {
            $target = $least = $value = 0.0;
            foreach ($kinds as $i => $kind) {
                $target += $counts[$i] * $kind->targetGrams;
                $least += $counts[$i] * ($kind->targetGrams - $kind->minusGrams);
                $value += $counts[$i] * $kind->value;
            }
            $available = $fillet->availableGrams();
            $shrink =
                $target <= $available + 1e-7
                    ? 0.0
                    : ($shrinks && $least <= $available + 1e-7 && $target > $least
                        ? ($target - $available) / ($target - $least)
                        : null);
            if (
                $shrink === null ||
                $shrink > 1 + 1e-9 ||
                ! self::anyOrder($fillet, $kinds, $counts, min(1.0, $shrink), $fillet->squareHeadGrams)
            ) {
                continue;
            }
            $best = max($best, $value + ($trim / 1000) * ($fillet->massGrams - ($shrink > 0 ? $available : $target)));
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Kind>  $kinds
     * @param  array<int, int>  $left
     */
    private static function anyOrder(FilletOnBoard $fillet, array $kinds, array $left, float $shrink, float $at): bool
    {
        if (array_sum($left) === 0) {
            return true;
        }
        foreach ($kinds as $i => $kind) {
            $mass = $kind->targetGrams - $shrink * $kind->minusGrams;
            $mm = $fillet->thickness($at, $at + $mass);
            if ($left[$i] > 0 && $kind->suits($mm->thin + 1e-7, $mm->thick - 1e-7)) {
                $rest = $left;
                $rest[$i]--;
                if (self::anyOrder($fillet, $kinds, $rest, $shrink, $at + $mass)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, array{callable(): mixed, string}> */
    public static function bad(): array
    {
        return [
            'three metres' => [
                fn () => new FilletOnBoard(FilletShape::named('loin'), 900, 300, 30),
                '/fillet/length_cm',
            ],
            'nothing' => [fn () => new FilletOnBoard(FilletShape::named('loin'), 0, 30, 30), '/fillet/mass_g'],
            'all squared off' => [
                fn () => new FilletOnBoard(FilletShape::named('loin'), 900, 30, 30, 900),
                '/square_head_g',
            ],
            'a shape nobody knows' => [fn () => FilletShape::named('heart'), '/fillet/shape'],
            'a shape with a hole' => [fn () => FilletShape::of([1.0, 1.0, 1.0], [1.0, 1.0]), '/fillet/stations'],
            'a station without thickness' => [fn () => FilletShape::of([1.0, 1.0], [1.0, 0.0]), '/fillet/stations/1'],
            'a band wider than the portion' => [fn () => new Kind('plate', 170, 170, 0, 1), '/minus_g'],
            'a portion of nothing' => [fn () => new Kind('plate', 0, 0, 0, 1), '/target_g'],
            'a value below nothing' => [fn () => new Kind('plate', 170, 0, 0, -1), '/value'],
        ];
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused_where_it_stands(callable $make, string $pointer): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (BadFillet $bad) {
            self::assertSame($pointer, $bad->pointer());
        }
    }
}
