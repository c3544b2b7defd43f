<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\Measure\Mass;

/**
 * A bench scale as it behaves: what is put on it swings in and settles, a hand shakes it, the zero drifts a little,
 * it shows whole steps, and beyond its range it only says so.
 *
 * Time is handed in, in seconds, and never goes back.
 */
final class SimulatedScale
{
    /** Seconds in which a swing falls to a third. */
    private const SETTLES_IN = 0.22;

    /** Seconds an unsteady hand stays on the pan. */
    private const NUDGE_LASTS = 0.8;

    /** Steps an unsteady hand moves it at first. */
    private const HAND = 12;

    /** Steps within which a scale calls itself steady. */
    private const STEADY_WITHIN = 0.45;

    /** The zero's random walk: steps a second, and where it ends. */
    private const DRIFT = 0.01;

    private const MOST_DRIFT = 0.3;

    private readonly Randomizer $random;

    private float $on = 0.0;

    private float $before = 0.0;

    private float $putAt = -60.0;

    private float $nudgedAt = -60.0;

    private float $drift = 0.0;

    private float $lastSeen = 0.0;

    private float $tare = 0.0;

    public function __construct(private readonly Mass $most, private readonly Mass $step, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * What lay there is lifted off, and the next thing laid on: it swings in from nothing, as heavy as the one before
     * or not.
     */
    public function put(Mass $mass, float $now): void
    {
        $this->before = $mass->isPositive() ? 0.0 : $this->shown($now);
        $this->on = (float) $mass->milligrams;
        $this->putAt = $now;
    }

    public function nudge(float $now): void
    {
        $this->nudgedAt = $now;
    }

    /** What lies on the pan becomes the tare, once it is steady. */
    public function tare(float $now): void
    {
        $sample = $this->sample($now);
        if ($sample->steady && ! $sample->overload) {
            $this->tare = $this->stepped($this->shown($now));
        }
    }

    public function sample(float $now): ScaleSample
    {
        $this->wander($now);
        $shown = $this->shown($now);

        return new ScaleSample(
            Mass::ofMilligrams((int) ($this->stepped($shown) - $this->tare)),
            Mass::ofMilligrams((int) $this->tare),
            $this->step,
            // How far it may still swing, not where it happens to be on its way.
            $this->swing($now) + $this->shake($now) < self::STEADY_WITHIN * $this->step->milligrams,
            $shown > $this->most->milligrams,
        );
    }

    private function shown(float $now): float
    {
        $side = $this->before < $this->on ? -1 : 1;

        return $this->on +
            $side * $this->swing($now) * cos(9 * ($now - $this->putAt)) +
            ($this->shake($now) * $this->random->getInt(-100, 100)) / 100 +
            $this->drift * $this->step->milligrams;
    }

    /** How far it still swings to either side. */
    private function swing(float $now): float
    {
        return abs($this->before - $this->on) * exp(-max(0.0, $now - $this->putAt) / self::SETTLES_IN);
    }

    /** How far a hand still shakes it to either side. */
    private function shake(float $now): float
    {
        return max(0.0, 1 - ($now - $this->nudgedAt) / self::NUDGE_LASTS) * self::HAND * $this->step->milligrams;
    }

    private function stepped(float $milligrams): float
    {
        return round($milligrams / $this->step->milligrams) * $this->step->milligrams;
    }

    private function wander(float $now): void
    {
        $seconds = min(1.0, max(0.0, $now - $this->lastSeen));
        $this->lastSeen = $now;
        $this->drift += ($seconds * self::DRIFT * $this->random->getInt(-100, 100)) / 100;
        $this->drift = max(-self::MOST_DRIFT, min(self::MOST_DRIFT, $this->drift));
    }
}
