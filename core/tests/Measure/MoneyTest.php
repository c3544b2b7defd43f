<?php

declare(strict_types=1);

namespace Sectum\Tests\Measure;

use Brick\Math\BigRational;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Measure\UnreadableMoney;

final class MoneyTest extends TestCase
{
    /** @return list<array{string, string, int}> */
    public static function typed(): array
    {
        return [
            ['13.90', 'EUR', 1390],
            ['€13.9', 'EUR', 1390],
            ['13', 'EUR', 1300],
            ['13.', 'EUR', 1300],
            ['1390', 'JPY', 1390],
            ['1.234', 'KWD', 1234],
            ['0', 'EUR', 0],
        ];
    }

    #[DataProvider('typed')]
    public function test_reads_an_amount_in_its_currency(string $text, string $code, int $minor): void
    {
        self::assertSame($minor, Money::parse($text, Currency::of($code))->minor);
    }

    /** @return list<array{string, string, string}> */
    public static function refused(): array
    {
        return [
            ['13,90', 'EUR', 'point instead of the comma'],
            ['-1', 'EUR', 'not an amount'],
            ['free', 'EUR', 'Write it like 13.00'],
            ['1.005', 'EUR', 'has 2 decimals'],
            ['1.5', 'JPY', 'has 0 decimals'],
            ['99999999', 'EUR', 'more than a fish can cost'],
        ];
    }

    #[DataProvider('refused')]
    public function test_refuses_what_is_no_amount(string $text, string $code, string $saying): void
    {
        $this->expectException(UnreadableMoney::class);
        $this->expectExceptionMessage($saying);
        Money::parse($text, Currency::of($code));
    }

    public function test_rounds_half_away_from_nothing_once(): void
    {
        self::assertSame(3, Money::toMinor(BigRational::nd(5, 2)));
        self::assertSame(-3, Money::toMinor(BigRational::nd(-5, 2)));
        self::assertSame(2, Money::toMinor(BigRational::nd(249, 100)));
    }

    public function test_prints_its_sign_and_decimals(): void
    {
        self::assertSame('€13.90', Money::ofMinor(1390, Currency::of('EUR'))->print());
        self::assertSame('−€0.05', Money::ofMinor(-5, Currency::of('EUR'))->print());
        self::assertSame('JPY 1390', Money::ofMinor(1390, Currency::of('JPY'))->print());
    }

    public function test_what_nobody_knows_to_the_cent_has_two_figures_and_nothing_has_no_sign(): void
    {
        $printed = fn (int $minor): string => Money::ofMinor($minor, Currency::of('EUR'))->rounded();
        self::assertSame(
            ['€1,900', '−€40', '€3', '€0', '€0', '−€1', '€100'],
            array_map($printed, [191_234, -4010, 310, 0, -49, -50, 9960]),
        );
    }

    public function test_a_currency_is_three_letters(): void
    {
        $this->expectException(UnreadableMoney::class);
        Currency::of('Euro');
    }
}
