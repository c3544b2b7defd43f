<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Fish\Part;
use Sectum\Measure\Mass;

/**
 * One step of a method: what is done, why this method does it so, what leaves the fish, what to mind and what to
 * inspect.
 */
final readonly class Step
{
    /**
     * @param  string  $action  which kind of step it is, as the order of steps names them; empty for the house's own
     * @param  Condition  $when  the answers this step belongs to
     * @param  list<StepPart>  $parts
     * @param  string  $place  code of the part of the drawing where it happens; empty for nowhere
     * @param  Cue  $cue  how a cook knows it goes well
     * @param  float  $seconds  it takes whatever the size
     * @param  float  $secondsPerKg  and for each kilo of fish
     */
    public function __construct(
        public int $number,
        public string $action,
        public Condition $when,
        public string $doing,
        public string $why,
        public array $parts,
        public string $place,
        public string $tools,
        public string $caution,
        public string $inspect,
        public Cue $cue,
        public float $seconds,
        public float $secondsPerKg,
    ) {
    }

    /**
     * With the parts that come off under these answers and were not off before.
     *
     * @param  array<string, string>  $chosen
     * @param  list<Part>  $off
     */
    public function cutTo(array $chosen, array $off): self
    {
        return new self(
            $this->number,
            $this->action,
            $this->when,
            $this->doing,
            $this->why,
            array_values(
                array_filter(
                    $this->parts,
                    fn (StepPart $part): bool => ! in_array($part->part, $off, true) && $part->when->holds($chosen),
                ),
            ),
            $this->place,
            $this->tools,
            $this->caution,
            $this->inspect,
            $this->cue,
            $this->seconds,
            $this->secondsPerKg,
        );
    }

    /** Usual seconds for a fish of this size. */
    public function secondsFor(Mass $whole): int
    {
        return (int) round($this->seconds + ($this->secondsPerKg * $whole->grams()) / 1000);
    }
}
