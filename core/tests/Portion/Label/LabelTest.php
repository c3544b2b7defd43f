<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Label;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Gs1\CheckDigit;
use Sectum\Gs1\Element;
use Sectum\Gs1\Scan;
use Sectum\Measure\Mass;
use Sectum\Portion\BadFillet;
use Sectum\Portion\Label\HouseItem;
use Sectum\Portion\Label\PortionLabel;
use Sectum\Portion\Label\UseBy;
use Sectum\Portion\Serve\ServiceClass;

final class LabelTest extends TestCase
{
    public function test_a_tray_says_what_it_contains_how_many_which_lot_and_until_when(): void
    {
        $gtin = HouseItem::gtin(7);
        self::assertTrue(CheckDigit::fits($gtin));
        self::assertSame('02', substr($gtin, 0, 2));
        $label = PortionLabel::of(
            $gtin,
            'H-2511',
            Mass::ofGrams(1284.4),
            8,
            new DateTimeImmutable('2026-11-26'),
            false,
            2026,
        );
        self::assertSame("(02){$gtin}(17)261126(3103)001284(37)8(10)H-2511", $label->elements->read);
        self::assertSame("02{$gtin}172611263103001284378\x1d10H-2511", $label->elements->data);
        self::assertSame("https://id.gs1.org/01/{$gtin}/10/H-2511?17=261126&3103=001284", $label->link);
    }

    public function test_what_is_printed_is_read_back_by_the_scanner(): void
    {
        $label = PortionLabel::of(
            HouseItem::gtin(12),
            'LM/19.1',
            Mass::ofGrams(171),
            null,
            new DateTimeImmutable('2027-02-03'),
            true,
            2026,
        );
        $values = fn (string $text): array => array_column(
            array_map(
                fn (Element $element): array => [$element->identifier->ai, $element->value],
                Scan::read($text, 2026)->elements,
            ),
            1,
            0,
        );
        $expected = ['01' => HouseItem::gtin(12), '15' => '270203', '3103' => '000171', '10' => 'LM/19.1'];
        foreach ([']C1'.$label->elements->data, $label->elements->read, $label->link] as $text) {
            self::assertEqualsCanonicalizing($expected, $values($text));
        }
    }

    /** @return array<string, array{callable(): mixed}> */
    public static function impossible(): array
    {
        $day = new DateTimeImmutable('2026-11-26');

        return [
            'no weight' => [fn () => PortionLabel::of(HouseItem::gtin(1), 'A', Mass::zero(), null, $day, false, 2026)],
            'a tray of none' => [
                fn () => PortionLabel::of(HouseItem::gtin(1), 'A', Mass::ofGrams(100), 0, $day, false, 2026),
            ],
            'a lot of nothing a label may carry' => [
                fn () => PortionLabel::of(HouseItem::gtin(1), ' §', Mass::ofGrams(100), null, $day, false, 2026),
            ],
            'a dish without a number' => [fn () => HouseItem::gtin(0)],
        ];
    }

    #[DataProvider('impossible')]
    public function test_nothing_is_printed_that_could_not_be_read(callable $make): void
    {
        $this->expectException(BadFillet::class);
        $make();
    }

    /** @return array<string, array{ServiceClass, list<string>, string, non-empty-string}> */
    public static function dates(): array
    {
        return [
            'cooked today or tomorrow' => [
                ServiceClass::Cooked,
                ['2026-11-30'],
                '2026-11-26',
                'House rule: raw portions 2 days',
            ],
            'raw service today only' => [
                ServiceClass::Raw,
                ['2026-11-30'],
                '2026-11-25',
                'House rule: portions for raw service 1 day',
            ],
            'the fish ends first' => [
                ServiceClass::Cooked,
                ['2026-11-28', '2026-11-25'],
                '2026-11-25',
                'The fish itself ends then.',
            ],
            'seared only outside' => [
                ServiceClass::Seared,
                [],
                '2026-11-25',
                'House rule: seared outside portions 1 day',
            ],
            'cured' => [ServiceClass::Cured, ['2026-12-24'], '2026-11-29', 'House rule: cured portions 5 days'],
            'nobody knows how long the fish keeps' => [
                ServiceClass::Cooked,
                [],
                '2026-11-26',
                'House rule: raw portions 2 days',
            ],
        ];
    }

    /**
     * @param  list<string>  $keep
     * @param  non-empty-string  $why
     */
    #[DataProvider('dates')]
    public function test_a_date_never_outlives_the_fish(
        ServiceClass $class,
        array $keep,
        string $day,
        string $why,
    ): void {
        $use = UseBy::of(
            new DateTimeImmutable('2026-11-25 10:40'),
            $class,
            array_map(fn (string $end): DateTimeImmutable => new DateTimeImmutable($end.' 23:00'), $keep),
        );
        self::assertSame($day, $use->day->format('Y-m-d'));
        self::assertStringStartsWith($why, $use->why);
        self::assertStringEndsWith('Check your local code and your food-safety plan.', $use->why);
    }
}
