<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Console\Command;

/** The simulated temperature logger as a process of its own. */
final class LoggerCommand extends Command
{
    protected $signature = 'sectum:logger {--seed=5 : of its doors and silences}';

    protected $description = 'Runs the simulated temperature logger on the loopback address';

    public function handle(): int
    {
        $logger = new SimulatedLogger((int) $this->option('seed'));
        LineServer::run(
            'tcp://127.0.0.1:'.config()->integer('sectum.logger.port'),
            fn (array $words): array => self::answer($logger, $words, time()),
        );
    }

    /**
     * @param  array<array-key, mixed>  $words
     * @return Answer
     */
    public static function answer(SimulatedLogger $logger, array $words, int $now): array
    {
        $channel = is_string($words['channel'] ?? null) ? $words['channel'] : '';
        $number = fn (string $name): ?int => is_int($words[$name] ?? null) ? $words[$name] : null;
        match ($words['do'] ?? 'channels') {
            'load' => $logger->load($channel, $number('at'), $now),
            'door' => $logger->door($channel, $number('minutes') ?? 0, $now),
            default => null,
        };

        return ($words['do'] ?? '') === 'since'
            ? [
                'battery' => $logger->batteryPct($now),
                'samples' => $logger->since($channel, $number('after') ?? $now, $now),
            ]
            : ['channels' => SimulatedLogger::channels()];
    }
}
