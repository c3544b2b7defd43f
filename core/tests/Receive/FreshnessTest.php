<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\FatClass;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Receive\Attribute;
use Sectum\Receive\BadGrade;
use Sectum\Receive\Freshness;
use Sectum\Receive\LooksAndFeel;
use Sectum\Receive\Rigor;
use Sectum\Receive\Verdict;

final class FreshnessTest extends TestCase
{
    use TestTrait;

    private const BRIGHT = ['smell' => 0, 'eyes' => 0, 'gills' => 0, 'skin' => 0, 'flesh' => 0, 'cavity' => 0];

    /** @param  array<string, int>  $worse */
    private static function of(
        array $worse = [],
        bool $histamine = false,
        ?float $celsius = null,
        FatClass $fat = FatClass::Lean,
    ): Freshness {
        return Freshness::of(
            new LooksAndFeel(
                [...self::BRIGHT, ...$worse],
                $fat,
                StateBought::Gutted,
                $histamine,
                $celsius === null ? null : Temperature::ofCelsius($celsius),
            ),
        );
    }

    public function test_a_bright_fish_has_its_whole_life_ahead(): void
    {
        $fresh = self::of();
        self::assertSame([0, 18, 0.0, 13.0], [$fresh->demerits, $fresh->ofMost, $fresh->daysOnIce, $fresh->daysLeft]);
        self::assertSame(Verdict::Accept, $fresh->verdict);
        self::assertEqualsWithDelta(3.9, $fresh->rawDaysLeft, 0.001);
        self::assertGreaterThan($fresh->daysLeftLow, $fresh->daysLeft);
    }

    public function test_days_on_ice_follow_the_demerits(): void
    {
        // 6 of 18 points; spoilt at 0.7 of them after 13 days: 6/18/0.7·13 = 6.19 days.
        $older = self::of(array_map(fn (): int => 1, self::BRIGHT));
        self::assertEqualsWithDelta(6.1905, $older->daysOnIce, 0.0001);
        self::assertEqualsWithDelta(6.8095, $older->daysLeft, 0.0001);
        self::assertEqualsWithDelta((13 * 0.5 * sqrt(6)) / 18 / 0.7, $older->daysOnIceSd, 0.0001);
        self::assertSame(Verdict::Accept, $older->verdict);
        self::assertSame(
            Verdict::UseFirst,
            self::of(['smell' => 1, 'eyes' => 2, 'gills' => 2, 'skin' => 2, 'flesh' => 1, 'cavity' => 1])->verdict,
        );
    }

    /** @return array<string, array{string, bool}> */
    public static function worst(): array
    {
        return array_combine(
            array_column(Attribute::cases(), 'value'),
            array_map(fn (Attribute $a): array => [$a->value, $a->isFatalAtWorst()], Attribute::cases()),
        );
    }

    #[DataProvider('worst')]
    public function test_one_fatal_sign_refuses_and_another_bad_one_is_for_the_head_chef(
        string $attribute,
        bool $fatal,
    ): void {
        $fresh = self::of([$attribute => 3]);
        self::assertSame($fatal ? Verdict::Refuse : Verdict::Hold, $fresh->verdict);
        self::assertStringContainsString(lcfirst(Attribute::from($attribute)->grades()[3]), $fresh->reasons[0]);
    }

    public function test_warm_histamine_fish_is_refused_however_bright(): void
    {
        self::assertSame(Verdict::Accept, self::of([], true, 4.4)->verdict);
        $warm = self::of([], true, 4.5);
        self::assertSame(Verdict::Refuse, $warm->verdict);
        self::assertStringContainsString('FDA hazards guide', $warm->reasons[0]);
        self::assertStringContainsString('Check your local code and your food-safety plan.', $warm->reasons[0]);
        // Any other fish that is as warm waits for the head chef, above 5 °C.
        self::assertSame(Verdict::Accept, self::of([], false, 5.0)->verdict);
        self::assertSame(Verdict::Hold, self::of([], false, 5.1)->verdict);
    }

    public function test_its_date_counts_when_it_is_older_than_it_looks(): void
    {
        $dated = Freshness::of(
            new LooksAndFeel(self::BRIGHT, FatClass::Oily, StateBought::Gutted, daysSinceLanded: 7.0),
        );
        self::assertSame([7.0, 2.0], [$dated->daysOnIce, $dated->daysLeft]);
        self::assertSame(Verdict::UseFirst, $dated->verdict);
        self::assertStringContainsString('it looks younger', implode(' ', $dated->reasons));
    }

    public function test_guts_left_in_cost_a_quarter_of_its_life(): void
    {
        self::assertEqualsWithDelta(
            0.75 * Freshness::life(FatClass::Medium, StateBought::Gutted),
            Freshness::life(FatClass::Medium, StateBought::Round),
            1e-9,
        );
    }

    public function test_a_fish_in_rigor_rests_by_its_size(): void
    {
        $rest = fn (Rigor $rigor, int $grams): int => Freshness::of(
            new LooksAndFeel(
                self::BRIGHT,
                FatClass::Lean,
                StateBought::Gutted,
                rigor: $rigor,
                each: Mass::ofGrams($grams),
            ),
        )->restHours;
        self::assertSame(
            [0, 12, 24, 48, 54],
            [
                $rest(Rigor::Passed, 5000),
                $rest(Rigor::Stiff, 400),
                $rest(Rigor::Stiff, 1500),
                $rest(Rigor::Stiff, 5000),
                $rest(Rigor::Before, 5000),
            ],
        );
    }

    public function test_too_little_looked_at_is_held_and_nothing_looked_at_is_said(): void
    {
        $little = Freshness::of(new LooksAndFeel(['smell' => 0, 'skin' => 0], FatClass::Lean, StateBought::Headless));
        self::assertSame(Verdict::Hold, $little->verdict);
        $unseen = Freshness::of(new LooksAndFeel([], FatClass::Lean, StateBought::Headless));
        self::assertSame([Verdict::Accept, 10.0], [$unseen->verdict, $unseen->daysLeft]);
        self::assertStringContainsString('Not inspected yet', $unseen->reasons[0]);
    }

    public function test_a_grade_beyond_the_descriptions_is_refused(): void
    {
        $this->expectException(BadGrade::class);
        new LooksAndFeel(['eyes' => 4], FatClass::Lean, StateBought::Gutted);
    }

    public function test_worse_never_means_longer(): void
    {
        $grades = fn () => Generators::choose(0, 3);
        $this->forAll(
            $grades(),
            $grades(),
            $grades(),
            $grades(),
            $grades(),
            $grades(),
            Generators::choose(0, 5),
        )->then(function (int $a, int $b, int $c, int $d, int $e, int $f, int $which): void {
            $seen = array_combine(array_keys(self::BRIGHT), [$a, $b, $c, $d, $e, $f]);
            $worse = $seen;
            $worse[array_keys($seen)[$which]] = min(3, $seen[array_keys($seen)[$which]] + 1);
            $severity = fn (Freshness $x): int => (int) array_search(
                $x->verdict,
                [Verdict::Accept, Verdict::UseFirst, Verdict::Hold, Verdict::Refuse],
                true,
            );
            self::assertLessThanOrEqual(self::of($seen)->daysLeft, self::of($worse)->daysLeft);
            self::assertGreaterThanOrEqual($severity(self::of($seen)), $severity(self::of($worse)));
            self::assertGreaterThanOrEqual(0, self::of($worse)->daysLeftLow);
        });
    }
}
