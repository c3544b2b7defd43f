<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Measure\Temperature;

/**
 * A probe as it behaves: it creeps from where it was to what it sticks in, and flickers by a tenth.
 *
 * Time is handed in, in seconds, and never goes back.
 */
final class SimulatedProbe
{
    /** °C of the kitchen it hangs in. */
    private const ROOM = 19.0;

    /** Seconds in which the difference falls to a third. */
    private const CREEPS_IN = 0.8;

    /** °C within which it counts as come to rest. */
    private const STEADY_WITHIN = 0.15;

    private Randomizer $random;

    private float $before = self::ROOM;

    private float $in = self::ROOM;

    private float $since = 0.0;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function stick(Temperature $core, float $now): void
    {
        $this->move($core->celsius(), $now);
    }

    public function pull(float $now): void
    {
        $this->move(self::ROOM, $now);
    }

    public function sample(float $now): ProbeSample
    {
        $steady = abs($this->shown($now) - $this->in) < self::STEADY_WITHIN;

        return new ProbeSample(
            Temperature::ofCelsius($steady ? $this->in : $this->shown($now) + $this->random->getInt(-10, 10) / 100),
            // In the air of the kitchen it measures nothing.
            $steady && $this->in !== self::ROOM,
        );
    }

    private function move(float $into, float $now): void
    {
        $this->before = $this->shown($now);
        $this->in = $into;
        $this->since = $now;
    }

    private function shown(float $now): float
    {
        return $this->in + ($this->before - $this->in) * exp(-max(0.0, $now - $this->since) / self::CREEPS_IN);
    }
}
