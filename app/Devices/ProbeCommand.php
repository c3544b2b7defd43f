<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Console\Command;
use Sectum\Measure\Temperature;

/** The simulated probe thermometer as a process of its own. */
final class ProbeCommand extends Command
{
    protected $signature = 'sectum:probe {--seed=11 : of its flicker}';

    protected $description = 'Runs the simulated probe thermometer on the loopback address';

    public function handle(): int
    {
        $probe = new SimulatedProbe((int) $this->option('seed'));
        LineServer::run(
            'tcp://127.0.0.1:'.config()->integer('sectum.probe.port'),
            fn (array $words, float $now): array => self::answer($probe, $words, $now),
        );
    }

    /**
     * @param  array<array-key, mixed>  $words
     * @return Answer
     */
    private static function answer(SimulatedProbe $probe, array $words, float $now): array
    {
        $tenths = $words['tenths'] ?? 0;
        match ($words['do'] ?? 'read') {
            'stick' => $probe->stick(Temperature::ofCelsius((is_int($tenths) ? $tenths : 0) / 10), $now),
            'pull' => $probe->pull($now),
            default => null,
        };
        $sample = $probe->sample($now);

        return ['tenths' => $sample->shown->tenths, 'steady' => $sample->steady];
    }
}
