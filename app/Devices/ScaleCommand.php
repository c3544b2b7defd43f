<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Console\Command;
use Sectum\Measure\Mass;

/** The simulated bench scale as a process of its own. */
final class ScaleCommand extends Command
{
    protected $signature = 'sectum:scale {--most=15000 : range in grams} {--step=5 : resolution in grams} '.
        '{--seed=7 : of its noise} {--board=a : at which it stands}';

    protected $description = 'Runs the simulated bench scale on the loopback address';

    public function handle(): int
    {
        $scale = new SimulatedScale(
            Mass::ofGrams((float) $this->option('most')),
            Mass::ofGrams((float) $this->option('step')),
            (int) $this->option('seed'),
        );
        LineServer::run(
            'tcp://127.0.0.1:'.config()->integer(
                $this->option('board') === 'b' ? 'sectum.scale_b.port' : 'sectum.scale.port',
            ),
            fn (array $words, float $now): array => self::answer($scale, $words, $now),
        );
    }

    /**
     * @param  array<array-key, mixed>  $words
     * @return Answer
     */
    private static function answer(SimulatedScale $scale, array $words, float $now): array
    {
        $mass = $words['mass_mg'] ?? 0;
        match ($words['do'] ?? 'read') {
            'put' => $scale->put(Mass::ofMilligrams(is_int($mass) ? max(0, $mass) : 0), $now),
            'clear' => $scale->put(Mass::zero(), $now),
            'nudge' => $scale->nudge($now),
            'tare' => $scale->tare($now),
            default => null,
        };
        $sample = $scale->sample($now);

        return [
            'net_mg' => $sample->net->milligrams,
            'tare_mg' => $sample->tare->milligrams,
            'resolution_mg' => $sample->resolution->milligrams,
            'steady' => $sample->steady,
            'overload' => $sample->overload,
        ];
    }
}
