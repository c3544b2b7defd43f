<?php

declare(strict_types=1);

namespace App\Devices;

use JsonException;
use Sectum\Measure\Mass;

/** A scale that speaks newline-delimited JSON over a loopback socket: a word out, a sample back. */
final class SocketScale implements DemoPan
{
    private const WAIT_SECONDS = 0.4;

    public function __construct(private readonly string $host, private readonly int $port)
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
        $socket = @stream_socket_client("tcp://{$this->host}:{$this->port}", $code, $message, self::WAIT_SECONDS);
        if ($socket === false) {
            throw new ScaleAway('The scale does not answer.');
        }
        stream_set_timeout($socket, 0, (int) (self::WAIT_SECONDS * 1_000_000));
        fwrite($socket, json_encode($words, JSON_THROW_ON_ERROR)."\n");
        $line = fgets($socket, 4096);
        fclose($socket);
        try {
            $sample = json_decode((string) $line, true, 4, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new ScaleAway('The scale said something that is no weight.');
        }
        if (! is_array($sample) || ! is_int($sample['net_mg'] ?? null) || ! is_int($sample['tare_mg'] ?? null) || ! is_int($sample['resolution_mg'] ?? null)) {
            throw new ScaleAway('The scale said something that is no weight.');
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
