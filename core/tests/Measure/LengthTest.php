<?php

declare(strict_types=1);

namespace Sectum\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Length;
use Sectum\Measure\UnitSystem;
use Sectum\Measure\UnreadableLength;

final class LengthTest extends TestCase
{
    /** @return array<string, array{string, UnitSystem, string, float}> */
    public static function typed(): array
    {
        return [
            'centimetres' => ['52 cm', UnitSystem::Metric, 'cm', 520.0],
            'a bare number where centimetres are asked' => ['52.5', UnitSystem::Metric, 'cm', 525.0],
            'a bare number where millimetres are asked' => ['34', UnitSystem::Metric, 'mm', 34.0],
            'a bare number of who counts in inches' => ['20.5', UnitSystem::Us, 'cm', 520.7],
            'inches in a metric kitchen' => ['1.5 in', UnitSystem::Metric, 'mm', 38.1],
            'millimetres of who counts in inches' => ['34 mm', UnitSystem::Us, 'mm', 34.0],
            'metres' => ['0.52 m', UnitSystem::Metric, 'cm', 520.0],
        ];
    }

    #[DataProvider('typed')]
    public function test_a_length_is_read_as_typed(string $text, UnitSystem $units, string $bare, float $mm): void
    {
        self::assertEqualsWithDelta($mm, Length::parse($text, $units, $bare)->mm(), 0.005);
    }

    public function test_it_is_shown_as_a_ruler_shows_it(): void
    {
        self::assertSame(
            ['21.3 cm', '8.39 in'],
            [Length::ofCm(21.31)->along(UnitSystem::Metric), Length::ofCm(21.31)->along(UnitSystem::Us)],
        );
        self::assertSame(
            ['31 mm', '1.22 in'],
            [Length::ofMm(31)->across(UnitSystem::Metric), Length::ofMm(31)->across(UnitSystem::Us)],
        );
    }

    /** @return array<string, array{string}> */
    public static function unreadable(): array
    {
        return [
            'nothing' => [''],
            'zero' => ['0'],
            'a comma' => ['52,5'],
            'below zero' => ['-3'],
            'a word' => ['long'],
            'four metres' => ['400 cm'],
            'a mass' => ['52 g'],
        ];
    }

    #[DataProvider('unreadable')]
    public function test_what_is_no_length_is_refused(string $text): void
    {
        $this->expectException(UnreadableLength::class);
        Length::parse($text, UnitSystem::Metric, 'cm');
    }
}
