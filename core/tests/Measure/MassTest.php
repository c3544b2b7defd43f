<?php

declare(strict_types=1);

namespace Sectum\Tests\Measure;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;
use Sectum\Measure\MassOutOfRange;
use Sectum\Measure\MassUnit;
use Sectum\Measure\UnitSystem;
use Sectum\Measure\UnreadableMass;
use Sectum\Refusal;

final class MassTest extends TestCase
{
    use TestTrait;

    /** @return list<array{string, UnitSystem, int}> */
    public static function typed(): array
    {
        return [
            ['1515 g', UnitSystem::Metric, 1_515_000],
            ['1.515', UnitSystem::Metric, 1_515_000],
            ['1515', UnitSystem::Metric, 1_515_000],
            ['1.515kg', UnitSystem::Us, 1_515_000],
            ['.5 kg', UnitSystem::Metric, 500_000],
            ['1 lb', UnitSystem::Metric, 453_592],
            ['1 oz', UnitSystem::Metric, 28_350],
            ['3 lb 5 oz', UnitSystem::Metric, 1_502_525],
            ['3lb 5oz', UnitSystem::Us, 1_502_525],
            ['12', UnitSystem::Us, 340_194],
            ['3.5', UnitSystem::Us, 1_587_573],
            ["  2  KG\t", UnitSystem::Metric, 2_000_000],
        ];
    }

    #[DataProvider('typed')]
    public function test_reads_what_a_cook_types(string $text, UnitSystem $system, int $milligrams): void
    {
        self::assertSame($milligrams, Mass::parse($text, $system)->milligrams);
    }

    /** @return list<array{string, class-string<Refusal>, string}> */
    public static function refused(): array
    {
        return [
            ['-5 g', MassOutOfRange::class, 'below zero'],
            ['−5 g', MassOutOfRange::class, 'below zero'],
            ['0', MassOutOfRange::class, 'nothing'],
            ['0.0000001 g', MassOutOfRange::class, 'nothing'],
            ['1,515', UnreadableMass::class, 'point instead of the comma'],
            ['abc', UnreadableMass::class, 'not a weight'],
            ['', UnreadableMass::class, 'Type a weight'],
            ['5 stone', UnreadableMass::class, '"stone" is not a unit'],
            ['1e5', UnreadableMass::class, 'not a weight'],
            ['NaN', UnreadableMass::class, 'not a weight'],
            ['2001 kg', MassOutOfRange::class, 'two tonnes'],
            ['99999999999999999999 g', UnreadableMass::class, 'not a weight'],
            ['3 lb 5', UnreadableMass::class, 'not a weight'],
        ];
    }

    /** @param  class-string<Refusal>  $kind */
    #[DataProvider('refused')]
    public function test_refuses_what_is_no_weight_in_one_sentence(string $text, string $kind, string $saying): void
    {
        try {
            Mass::parse($text);
            self::fail("\"{$text}\" was taken for a weight.");
        } catch (Refusal $refusal) {
            self::assertInstanceOf($kind, $refusal);
            self::assertStringContainsString($saying, $refusal->getMessage());
            self::assertSame($text, $refusal->value());
        }
    }

    public function test_every_unit_gives_back_the_very_milligram(): void
    {
        $this->limitTo(400)
            ->forAll(new ChooseGenerator(1, Mass::MOST_MILLIGRAMS))
            ->then(function (int $milligrams): void {
                foreach (MassUnit::cases() as $unit) {
                    $written = Mass::ofMilligrams($milligrams)->exact($unit);
                    self::assertSame($milligrams, Mass::parse($written)->milligrams, $written);
                    $brief = Mass::ofMilligrams($milligrams)->brief($unit);
                    self::assertSame($milligrams, Mass::parse($brief)->milligrams, $brief);
                }
            });
        self::assertSame(
            ['12.3 kg', '400 g', '12 kg', '0.4 g'],
            array_map(
                fn (int $mg, MassUnit $unit): string => Mass::ofMilligrams($mg)->brief($unit),
                [12_300_000, 400_000, 12_000_000, 400],
                [MassUnit::Kilogram, MassUnit::Gram, MassUnit::Kilogram, MassUnit::Gram],
            ),
        );
    }

    /** Against the decimal arithmetic of the package: nothing is lost at the last digit, nor at a half. */
    public function test_grams_and_kilograms_are_rounded_as_decimals_are(): void
    {
        mt_srand(7);
        foreach (range(1, 2000) as $i) {
            $mass = Mass::ofMilligrams($i % 5 === 0 ? 500 * mt_rand(-9, 9) : mt_rand(-2_000_000, 2_000_000) * $i);
            foreach ([[MassUnit::Gram, '1', 3], [MassUnit::Kilogram, '1000', 6]] as [$unit, $grams, $most]) {
                $step = 10 ** mt_rand(0, 6);
                $printed = $mass->print($unit, Mass::ofMilligrams($step));
                [$figure, $name] = explode(' ', $printed);
                $decimals = strlen(explode('.', $figure)[1] ?? '');
                self::assertSame($unit->value, $name);
                self::assertSame(min($most, max(0, $unit->exactDecimals() - (int) log10($step))), $decimals);
                $expected = BigDecimal::ofUnscaledValue(abs($mass->milligrams), 3)
                    ->dividedBy($grams, $decimals, RoundingMode::HALF_UP);
                self::assertSame(($mass->isNegative() ? '−' : '').$expected, $figure);
            }
        }
    }

    public function test_prints_no_more_digits_than_the_scale_gives(): void
    {
        $fish = Mass::ofGrams(4210);
        $step = Mass::ofGrams(5);
        self::assertSame('4210 g', $fish->print(MassUnit::Gram, $step));
        self::assertSame('4.210 kg', $fish->print(MassUnit::Kilogram, $step));
        self::assertSame('148.5 oz', $fish->print(MassUnit::Ounce, $step));
        self::assertSame('9.28 lb', $fish->print(MassUnit::Pound, $step));
        self::assertSame('9 lb 4.5 oz', $fish->print(MassUnit::PoundOunce, $step));
        self::assertSame('0.4 g', Mass::ofMilligrams(400)->print(MassUnit::Gram, Mass::ofMilligrams(100)));
        self::assertSame('−20 g', Mass::ofGrams(-20)->print());
    }

    public function test_ounces_carry_into_pounds(): void
    {
        self::assertSame('1 lb 0.0 oz', Mass::ofGrams(453)->print(MassUnit::PoundOunce, Mass::ofGrams(5)));
    }
}
