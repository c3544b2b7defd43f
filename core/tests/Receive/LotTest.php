<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\GradedYield;
use Sectum\BreakDown\GradeShift;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;
use Sectum\Fish\FatGrade;
use Sectum\Fish\StateBought;
use Sectum\Receive\Attribute;
use Sectum\Receive\BadSourcing;
use Sectum\Receive\Freshness;
use Sectum\Receive\JudgedLot;
use Sectum\Receive\LooksAndFeel;
use Sectum\Receive\SourcingRule;
use Sectum\Receive\Verdict;
use Sectum\Receive\VerdictHeld;
use Sectum\Receive\WeightRow;

/** What is known of a lot: how its attributes weigh, how fat it is, and whether the house buys it at all. */
final class LotTest extends TestCase
{
    /** @param  array<string, float>  $weights */
    private static function daysOnIce(string $bad, array $weights): float
    {
        $grades = ['smell' => 0, 'eyes' => 0, 'gills' => 0, 'skin' => 0, 'flesh' => 0, 'cavity' => 0];

        return Freshness::of(
            new LooksAndFeel([...$grades, $bad => 2], FatClass::Lean, StateBought::Gutted, weights: $weights),
        )->daysOnIce;
    }

    public function test_the_same_grade_counts_by_what_its_attribute_tells(): void
    {
        // 2 of 18 points, or 4 of 21 where smell counts double; spoilt at 0.7 after 13 days.
        self::assertEqualsWithDelta(2 / 18 / 0.7 * 13, self::daysOnIce('smell', []), 1e-9);
        self::assertEqualsWithDelta(4 / 21 / 0.7 * 13, self::daysOnIce('smell', ['smell' => 2.0]), 1e-9);
        self::assertLessThan(self::daysOnIce('eyes', []), self::daysOnIce('eyes', ['smell' => 2.0, 'eyes' => 0.6]));
    }

    /** @param  array<string, float>  $weights */
    private static function perPoint(array $weights): float
    {
        $seen = ['smell' => 1, 'flesh' => 2];

        return (new LooksAndFeel($seen, FatClass::Lean, StateBought::Gutted, weights: $weights))->indexPerPoint();
    }

    public function test_alike_weights_are_no_weights(): void
    {
        $alike = array_fill_keys(array_column(Attribute::cases(), 'value'), 3.0);
        foreach (Attribute::cases() as $one) {
            self::assertEqualsWithDelta(
                self::daysOnIce($one->value, []),
                self::daysOnIce($one->value, $alike),
                1e-9,
            );
        }
        self::assertEqualsWithDelta(self::perPoint([]), self::perPoint($alike), 1e-12);
        self::assertGreaterThan(self::perPoint([]), self::perPoint(['smell' => 5.0]));
    }

    public function test_of_the_rows_about_a_fish_the_one_that_names_most_counts(): void
    {
        $rows = [
            new WeightRow(FatClass::Oily, BodyForm::Tail, Attribute::Skin, 9.0),
            new WeightRow(null, null, Attribute::Skin, 0.8),
            new WeightRow(null, BodyForm::Tail, Attribute::Skin, 1.8),
            new WeightRow(FatClass::Oily, null, Attribute::Smell, 2.2),
        ];
        self::assertSame(['skin' => 0.8], WeightRow::on(FatClass::Lean, BodyForm::Round, $rows));
        self::assertSame(['skin' => 1.8], WeightRow::on(FatClass::Lean, BodyForm::Tail, $rows));
        self::assertSame(['skin' => 9.0, 'smell' => 2.2], WeightRow::on(FatClass::Oily, BodyForm::Tail, $rows));
    }

    public function test_a_verdict_held_is_counted_for_each_that_was_given(): void
    {
        $held = VerdictHeld::of([
            new JudgedLot(Verdict::Accept, false),
            new JudgedLot(Verdict::Accept, true),
            new JudgedLot(Verdict::Accept, false),
            new JudgedLot(Verdict::UseFirst, true),
        ]);
        self::assertSame(
            [[Verdict::Accept, 3, 2], [Verdict::UseFirst, 1, 0]],
            array_map(fn (VerdictHeld $one): array => [$one->verdict, $one->lots, $one->held], $held),
        );
        self::assertSame([], VerdictHeld::of([]));
    }

    /** @return iterable<string, array{SourcingRule, bool}> */
    public static function rules(): iterable
    {
        $cod = 'cod';
        yield 'the species' => [new SourcingRule($cod, '', '', null, 'Stock is low.'), true];
        yield 'another species' => [new SourcingRule('hake', '', '', null, 'No.'), false];
        yield 'its area' => [new SourcingRule($cod, '27.7.a', '', null, 'No.'), true];
        yield 'the wider area' => [new SourcingRule(null, '27.7', '', null, 'No.'), true];
        yield 'an area of the same beginning' => [new SourcingRule(null, '27.7.ab', '', null, 'No.'), false];
        yield 'half a number' => [new SourcingRule(null, '27.70', '', null, 'No.'), false];
        yield 'its gear, however written' => [new SourcingRule(null, '', 'TRAWL', null, 'No.'), true];
        yield 'the supplier' => [new SourcingRule(null, '', '', 'harbour', 'No.'), true];
        yield 'all but one of them' => [new SourcingRule($cod, '27.7', 'longline', 'harbour', 'No.'), false];
    }

    #[DataProvider('rules')]
    public function test_a_rule_meets_what_it_names_and_nothing_else(SourcingRule $rule, bool $meets): void
    {
        self::assertSame($meets, $rule->meets('cod', '27.7.A', 'Bottom trawl', 'harbour'));
    }

    public function test_what_the_paper_does_not_say_is_not_held_against_it(): void
    {
        $rule = new SourcingRule(null, '27.7', 'trawl', null, 'No.');
        self::assertFalse($rule->meets('cod', null, null, 'harbour'));
        self::assertFalse($rule->meets('cod', '27.7', null, 'harbour'));
    }

    public function test_a_rule_names_something_and_says_why(): void
    {
        foreach ([[null, 'No.', '/species'], ['cod', ' ', '/reason']] as [$species, $reason, $where]) {
            try {
                new SourcingRule($species, '', '', null, $reason);
                self::fail("{$where} was let through.");
            } catch (BadSourcing $refused) {
                self::assertSame($where, $refused->pointer());
            }
        }
    }

    public function test_what_a_fat_lot_keeps_more_is_learned_slowly_and_from_both_sides(): void
    {
        $fish = fn (FatGrade $grade, float $pct, int $count): array => array_fill(
            0,
            $count,
            new GradedYield($grade, $pct),
        );
        $shift = GradeShift::of([
            ...$fish(FatGrade::Lean, 44.0, 8),
            ...$fish(FatGrade::Fat, 48.0, 8),
            new GradedYield(null, 90.0),
        ]);
        // Each is two points off the mean of 46; eight fish against a strength of eight halve that.
        self::assertEqualsWithDelta(1.0, $shift->points(FatGrade::Fat), 1e-9);
        self::assertEqualsWithDelta(2.0, $shift->points(FatGrade::Fat, FatGrade::Lean), 1e-9);
        self::assertEqualsWithDelta(-2.0, $shift->points(FatGrade::Lean, FatGrade::Fat), 1e-9);
        self::assertSame(0.0, $shift->points(FatGrade::Good));
        self::assertSame(0.0, $shift->points(null));
        // One grade alone tells nothing of a difference.
        self::assertSame(0.0, GradeShift::of($fish(FatGrade::Fat, 50.0, 40))->points(FatGrade::Fat));
    }
}
