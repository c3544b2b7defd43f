<?php

declare(strict_types=1);

namespace Sectum\Tests\Hold\Checks;

use PHPUnit\Framework\TestCase;
use Sectum\Hold\BadHold;
use Sectum\Hold\Checks\InstrumentVerdict;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;

final class InstrumentVerdictTest extends TestCase
{
    public function test_a_scale_is_good_to_its_step_and_a_probe_to_a_degree(): void
    {
        $scale = fn (int $shown): bool => InstrumentVerdict::ofScale(
            Mass::ofGrams(1000),
            Mass::ofGrams($shown),
            Mass::ofGrams(5),
        )->good;
        self::assertSame([true, true, false, false], [$scale(1000), $scale(1005), $scale(1006), $scale(994)]);
        $probe = fn (float $celsius): bool => InstrumentVerdict::ofProbe(Temperature::ofCelsius($celsius))->good;
        self::assertSame([true, true, false, false], [$probe(0.0), $probe(-1.0), $probe(1.1), $probe(-1.1)]);
        $this->expectException(BadHold::class);
        InstrumentVerdict::ofScale(Mass::zero(), Mass::zero(), Mass::ofGrams(5));
    }
}
