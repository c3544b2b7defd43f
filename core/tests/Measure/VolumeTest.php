<?php

declare(strict_types=1);

namespace Sectum\Tests\Measure;

use PHPUnit\Framework\TestCase;
use Sectum\Measure\UnitSystem;
use Sectum\Measure\Volume;

final class VolumeTest extends TestCase
{
    public function test_as_a_cook_reads_it_off_a_jug(): void
    {
        $print = fn (float $litres, UnitSystem $units): string => Volume::ofLitres($litres)->print($units);
        self::assertSame(
            ['0 ml', '147 ml', '1.0 L', '4.8 L', '13.8 L'],
            array_map(fn (float $litres): string => $print($litres, UnitSystem::Metric), [
                0.0,
                0.1465,
                1.0,
                4.8,
                13.84,
            ]),
        );
        self::assertSame(
            ['14 fl oz', '5.1 qt'],
            array_map(fn (float $litres): string => $print($litres, UnitSystem::Us), [0.4, 4.8]),
        );
        self::assertSame(
            ['20 L', '8.5 L', '500 ml'],
            array_map(fn (float $litres): string => Volume::ofLitres($litres)->brief(UnitSystem::Metric), [
                20.0,
                8.5,
                0.5,
            ]),
        );
    }
}
