<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Mass;

/** A scale behind a socket. */
final readonly class SocketScale implements DemoPan
{
    public function __construct(private LineClient $line)
    {
    }

    public function sample(): ScaleSample
    {
        return $this->ask(['do' => 'read']);
    }

    public function tare(): ScaleSample
    {
        return $this->ask(['do' => 'tare']);
    }

    public function put(Mass $mass): void
    {
        $this->ask(['do' => 'put', 'mass_mg' => $mass->milligrams]);
    }

    public function clear(): void
    {
        $this->ask(['do' => 'clear']);
    }

    public function nudge(): void
    {
        $this->ask(['do' => 'nudge']);
    }

    /** @param  array<string, int|string>  $words */
    private function ask(array $words): ScaleSample
    {
        $sample = $this->line->ask($words);
        if (
            ! is_int($sample['net_mg'] ?? null) ||
            ! is_int($sample['tare_mg'] ?? null) ||
            ! is_int($sample['resolution_mg'] ?? null)
        ) {
            throw new DeviceAway('The scale said something that is no weight.');
        }

        return new ScaleSample(
            Mass::ofMilligrams($sample['net_mg']),
            Mass::ofMilligrams($sample['tare_mg']),
            Mass::ofMilligrams($sample['resolution_mg']),
            ($sample['steady'] ?? false) === true,
            ($sample['overload'] ?? false) === true,
        );
    }
}
