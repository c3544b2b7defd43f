<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Devices\DemoLabels;
use App\Devices\SimulatedProbe;
use PHPUnit\Framework\TestCase;
use Sectum\Gs1\BadScan;
use Sectum\Gs1\Scan;
use Sectum\Measure\Temperature;

final class SimulatedProbeTest extends TestCase
{
    public function test_it_creeps_to_the_core_and_only_then_is_steady(): void
    {
        $probe = new SimulatedProbe(3);
        self::assertFalse($probe->sample(0.0)->steady);
        $probe->stick(Temperature::ofCelsius(3.4), 1.0);
        $early = $probe->sample(1.5);
        self::assertFalse($early->steady);
        self::assertGreaterThan(34, $early->shown->tenths);
        $rest = $probe->sample(8.0);
        self::assertSame([true, 34], [$rest->steady, $rest->shown->tenths]);
        $probe->pull(9.0);
        self::assertFalse($probe->sample(20.0)->steady);
    }

    public function test_every_demo_label_is_read_but_the_torn_one(): void
    {
        foreach (DemoLabels::all(new \DateTimeImmutable('2026-11-25')) as ['name' => $name, 'text' => $text]) {
            if ($name === 'Torn') {
                continue;
            }
            $scan = Scan::read($text, 2026);
            self::assertNotNull($scan->netMass(), $name);
            self::assertNotNull($scan->get('7008'), $name);
        }
        $this->expectException(BadScan::class);
        Scan::read(DemoLabels::all(new \DateTimeImmutable('2026-11-25'))[4]['text'], 2026);
    }
}
