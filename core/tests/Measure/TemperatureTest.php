<?php

declare(strict_types=1);

namespace Sectum\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Temperature;
use Sectum\Measure\UnreadableTemperature;

final class TemperatureTest extends TestCase
{
    /** @return array<string, array{string, int}> */
    public static function typed(): array
    {
        return [
            'bare' => ['3.4', 34],
            'with its sign' => [' 3.4 °C ', 34],
            'no space' => ['3.4C', 34],
            'a whole one' => ['4', 40],
            'frozen, with a real minus' => ['−18.5 °C', -185],
            'frozen, with a hyphen' => ['-18.5', -185],
            'freezing in Fahrenheit' => ['32 F', 0],
            'a cold room in Fahrenheit' => ['38 f', 33],
            'where both scales meet' => ['-40 °F', -400],
            'to the nearest tenth' => ['4.44', 44],
            'the coldest freezer' => ['-90', -900],
            'the hottest oil' => ['150', 1500],
        ];
    }

    #[DataProvider('typed')]
    public function test_what_a_cook_types_is_read(string $text, int $tenths): void
    {
        self::assertSame($tenths, Temperature::parse($text)->tenths);
    }

    /** @return array<string, array{string}> */
    public static function unreadable(): array
    {
        return [
            'nothing' => [''],
            'a word' => ['cold'],
            'a decimal comma' => ['3,4'],
            'two numbers' => ['3 4'],
            'a weight' => ['3.4 g'],
            'Kelvin' => ['276 K'],
            'no fish is so cold' => ['-90.1'],
            'nor so hot' => ['302.1 F C'],
            'a boil in Fahrenheit too hot' => ['303 F'],
            'four digits' => ['1000'],
            'a sign alone' => ['-'],
            'the unit alone' => ['C'],
            'no number' => ['NaN'],
        ];
    }

    #[DataProvider('unreadable')]
    public function test_what_is_no_temperature_is_refused_in_a_sentence(string $text): void
    {
        $this->expectException(UnreadableTemperature::class);
        $this->expectExceptionMessageMatches('/^\S.+\.$/u');
        Temperature::parse($text);
    }

    public function test_what_is_printed_is_read_as_the_same(): void
    {
        for ($tenths = -900; $tenths <= 1500; $tenths++) {
            $temperature = Temperature::ofCelsius($tenths / 10);
            self::assertSame($tenths, $temperature->tenths);
            self::assertSame($tenths, Temperature::parse($temperature->print())->tenths, $temperature->print());
        }
    }

    public function test_a_limit_is_passed_only_above_it(): void
    {
        self::assertFalse(Temperature::parse('5.0')->isAbove(5.0));
        self::assertTrue(Temperature::parse('5.1')->isAbove(5.0));
        self::assertFalse(Temperature::parse('41 F')->isAbove(5.0));
        self::assertFalse(Temperature::parse('-0.1')->isAbove(0.0));
    }
}
