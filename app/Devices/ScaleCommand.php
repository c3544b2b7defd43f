<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Console\Command;
use RuntimeException;
use Sectum\Measure\Mass;

/** The simulated bench scale as a process of its own: one JSON object a line in, one sample a line out. */
final class ScaleCommand extends Command
{
    private const MOST_CLIENTS = 32;

    protected $signature = 'sectum:scale {--most=15000 : range in grams} {--step=5 : resolution in grams} {--seed=7 : of its noise}';

    protected $description = 'Runs the simulated bench scale on the loopback address';

    public function handle(): int
    {
        $port = config('sectum.scale.port');
        $address = 'tcp://127.0.0.1:'.(is_int($port) ? $port : 8417);
        $server = stream_socket_server($address, $code, $message);
        if ($server === false) {
            throw new RuntimeException("The scale cannot listen at {$address}: {$message}");
        }
        $this->info("The simulated scale listens at {$address}.");
        $scale = new SimulatedScale(Mass::ofGrams((float) $this->option('most')), Mass::ofGrams((float) $this->option('step')), (int) $this->option('seed'));
        $clients = [];
        while (true) {
            $ready = [$server, ...array_values($clients)];
            $none = null;
            if (stream_select($ready, $none, $none, null) === false) {
                return self::SUCCESS;
            }
            foreach ($ready as $socket) {
                if ($socket === $server) {
                    $client = stream_socket_accept($server, 0);
                    if ($client !== false && count($clients) < self::MOST_CLIENTS) {
                        $clients[(int) $client] = $client;
                    }
                } elseif (($line = fgets($socket, 4096)) === false) {
                    unset($clients[(int) $socket]);
                    fclose($socket);
                } else {
                    fwrite($socket, $this->answer($scale, $line)."\n");
                }
            }
        }
    }

    private function answer(SimulatedScale $scale, string $line): string
    {
        $now = hrtime(true) / 1e9;
        $words = json_decode($line, true, 4);
        $words = is_array($words) ? $words : [];
        $mass = $words['mass_mg'] ?? 0;
        match ($words['do'] ?? 'read') {
            'put' => $scale->put(Mass::ofMilligrams(is_int($mass) ? max(0, $mass) : 0), $now),
            'clear' => $scale->put(Mass::zero(), $now),
            'nudge' => $scale->nudge($now),
            'tare' => $scale->tare($now),
            default => null,
        };
        $sample = $scale->sample($now);

        return json_encode([
            'net_mg' => $sample->net->milligrams,
            'tare_mg' => $sample->tare->milligrams,
            'resolution_mg' => $sample->resolution->milligrams,
            'steady' => $sample->steady,
            'overload' => $sample->overload,
        ], JSON_THROW_ON_ERROR);
    }
}
