<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Temperature;

/** A probe behind a socket. */
final readonly class SocketProbe implements DemoProbe
{
    public function __construct(private LineClient $line)
    {
    }

    public function sample(): ProbeSample
    {
        $sample = $this->line->ask(['do' => 'read']);

        return is_int($sample['tenths'] ?? null)
            ? new ProbeSample(Temperature::ofCelsius($sample['tenths'] / 10), ($sample['steady'] ?? false) === true)
            : throw new DeviceAway('The probe said something that is no temperature.');
    }

    public function stick(Temperature $core): void
    {
        $this->line->ask(['do' => 'stick', 'tenths' => $core->tenths]);
    }

    public function pull(): void
    {
        $this->line->ask(['do' => 'pull']);
    }
}
