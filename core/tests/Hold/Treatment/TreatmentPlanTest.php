<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Treatment;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Hold\BadHold;
use Sectum\Hold\Treatment\ChangeSays;
use Sectum\Hold\Treatment\Ingredient;
use Sectum\Hold\Treatment\Slab;
use Sectum\Hold\Treatment\Strength;
use Sectum\Hold\Treatment\Treatment;
use Sectum\Hold\Treatment\TreatmentKind;
use Sectum\Hold\Treatment\TreatmentPlan;
use Sectum\Hold\Treatment\WeightChange;
use Sectum\Measure\Mass;

final class TreatmentPlanTest extends TestCase
{
    /** @param  array<string, float|array<string, float>|null>  $other */
    private static function treatment(TreatmentKind $kind, array $other = []): Treatment
    {
        $figure = fn (string $name, ?float $usual): ?float => array_key_exists($name, $other)
            ? (is_float($other[$name]) ? $other[$name] : null)
            : $usual;

        return new Treatment(
            $kind,
            $figure('strengthPct', 6.0),
            $figure('brineRatio', 2.0),
            $figure('saltPct', 3.0),
            $figure('sugarPct', 2.0),
            $figure('targetPct', 1.2),
            15.0,
            $figure('minutes', 50.0) ?? 50.0,
            90.0,
            null,
            is_array($other['aromatics'] ?? null) ? $other['aromatics'] : [],
            -6.0,
            2.0,
        );
    }

    /** @return array<string, int> milligrams by name */
    private static function amounts(TreatmentPlan $plan): array
    {
        return array_column(
            array_map(fn (Ingredient $one): array => [$one->name, $one->mass->milligrams], $plan->ingredients),
            1,
            0,
        );
    }

    public function test_the_worked_brine_is_weighed_in_and_read_off_its_curve(): void
    {
        $plan = TreatmentPlan::of(self::treatment(TreatmentKind::TimedBrine), Mass::ofGrams(2000), 28.0, 2);
        self::assertSame(['water' => 3_760_000, 'salt' => 240_000], self::amounts($plan));
        self::assertEqualsWithDelta(195.33, $plan->minutesToTarget, 0.01);
        self::assertEqualsWithDelta(3.3088, $plan->ceilingPct, 0.0001);
        $before = 0.0;
        foreach ($plan->curve as $at) {
            self::assertGreaterThanOrEqual($before, $at->pct);
            self::assertLessThanOrEqual($at->high + 1e-9, $at->pct);
            self::assertGreaterThanOrEqual($at->low - 1e-9, $at->pct);
            $before = $at->pct;
        }
        self::assertCount(41, $plan->curve);
        self::assertSame([0.0, 90.0], [$plan->curve[0]->minutes, $plan->curve[40]->minutes]);
    }

    public function test_a_hydrometer_outweighs_what_the_treatment_says(): void
    {
        $weak = self::treatment(TreatmentKind::TimedBrine);
        $fish = Mass::ofGrams(2000);
        $by = fn (Strength $measured): float => TreatmentPlan::of($weak, $fish, 28.0, 2, $measured)->curve[40]->pct;
        self::assertGreaterThan($by(new Strength(6.0)), $by(Strength::ofDegrees(40)));
    }

    public function test_a_weighed_brine_and_a_cure_are_weighed_by_the_fish(): void
    {
        $even = TreatmentPlan::of(
            self::treatment(TreatmentKind::EvenBrine, ['brineRatio' => 1.5, 'targetPct' => 1.5]),
            Mass::ofGrams(2000),
            28.0,
            2,
        );
        self::assertSame(['water' => 3_000_000, 'salt' => 91_371], self::amounts($even));
        self::assertEqualsWithDelta(43.221, $even->hoursToEven, 0.001);
        $cure = TreatmentPlan::of(
            self::treatment(TreatmentKind::Cure, ['aromatics' => ['dill' => 1.0]]),
            Mass::ofGrams(2000),
            28.0,
            1,
        );
        self::assertSame(['salt' => 60_000, 'sugar' => 40_000, 'dill' => 20_000], self::amounts($cure));
        self::assertEqualsWithDelta(81.397, $cure->hoursToEven, 0.001);
        self::assertSame([], TreatmentPlan::of(self::treatment(TreatmentKind::Dry), Mass::ofGrams(1), null, 2)->curve);
    }

    public function test_a_cure_is_even_to_within_a_twentieth_when_its_hours_are_over(): void
    {
        $slab = new Slab(28.0, 1);
        self::assertEqualsWithDelta(0.95, $slab->evenness($slab->secondsToEven()), 1e-9);
        self::assertSame(0.0, $slab->evenness(0.0));
        self::assertLessThan($slab->evenness(200_000), $slab->evenness(100_000));
    }

    /** @return iterable<string, array{float, float, ChangeSays}> */
    public static function changes(): iterable
    {
        yield 'as usual' => [-6.0, 940, ChangeSays::Usual];
        yield 'far more' => [-6.0, 870, ChangeSays::More];
        yield 'hardly any' => [-6.0, 990, ChangeSays::Less];
        yield 'wetter' => [-6.0, 1030, ChangeSays::GainedInstead];
        yield 'a brine that dried it' => [1.5, 940, ChangeSays::LostInstead];
    }

    #[DataProvider('changes')]
    public function test_a_change_of_weight_says_what_is_odd_about_it(
        float $expected,
        int $after,
        ChangeSays $says,
    ): void {
        $change = WeightChange::of(Mass::ofGrams(1000), Mass::ofGrams($after), $expected, 2.0);
        self::assertSame($says, $change->says);
        self::assertEqualsWithDelta(($after - 1000) / 10, $change->pct, 1e-9);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'no strength' => [
            fn () => self::treatment(TreatmentKind::TimedBrine, ['strengthPct' => 0.0]),
            '/strength_pct',
        ];
        yield 'more than dissolves' => [
            fn () => self::treatment(TreatmentKind::TimedBrine, ['strengthPct' => 26.5]),
            '/strength_pct',
        ];
        yield 'upside down' => [fn () => self::treatment(TreatmentKind::Dry, ['minutes' => 5.0]), '/minutes'];
        yield 'no salt' => [fn () => self::treatment(TreatmentKind::Cure, ['saltPct' => null]), '/salt_pct'];
        yield 'no fish' => [
            fn () => TreatmentPlan::of(self::treatment(TreatmentKind::Cure), Mass::zero(), 28.0, 1),
            '/fish_g',
        ];
        yield 'twice as heavy' => [
            fn () => WeightChange::of(Mass::ofGrams(500), Mass::ofGrams(1000), -6.0, 2.0),
            '/after',
        ];
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('wrong')]
    public function test_figures_that_make_no_sense_are_refused_at_their_field(callable $make, string $at): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (BadHold $bad) {
            self::assertSame($at, $bad->pointer());
        }
    }
}
