<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Measure\Mass;

/**
 * One step of a method: what is done, why this method does it so, what leaves the fish, what to mind and what to
 * inspect.
 */
final readonly class Step
{
    /**
     * @param  array<string, string>  $choices  question code to the option this step belongs to; empty for every method
     * @param  list<StepPart>  $parts
     * @param  string  $place  code of the part of the drawing where it happens; empty for nowhere
     * @param  float  $seconds  it takes whatever the size
     * @param  float  $secondsPerKg  and for each kilo of fish
     */
    public function __construct(
        public int $number,
        public array $choices,
        public string $doing,
        public string $why,
        public array $parts,
        public string $place,
        public string $tools,
        public string $caution,
        public string $inspect,
        public float $seconds,
        public float $secondsPerKg,
    ) {
    }

    /** @param  array<string, string>  $chosen */
    public function belongsTo(array $chosen): bool
    {
        foreach ($this->choices as $question => $option) {
            if (($chosen[$question] ?? null) !== $option) {
                return false;
            }
        }

        return true;
    }

    /** Usual seconds for a fish of this size. */
    public function secondsFor(Mass $whole): int
    {
        return (int) round($this->seconds + ($this->secondsPerKg * $whole->grams()) / 1000);
    }
}
