<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/** A model solved for one spread of a factor, and how much that spread counts. */
final readonly class Weighed
{
    /** @var list<list<float>> of the mixed-model equations */
    public array $inverse;

    /**
     * @param  float  $theta  the spread, in units of the rest
     * @param  float  $step  of the grid it stands for
     * @param  float  $weight  of all points together 1
     */
    public function __construct(public Fit $fit, public float $theta, public float $step, public float $weight = 0.0)
    {
        $this->inverse = $fit->factor->inverse();
    }

    public function weighing(float $weight): self
    {
        return new self($this->fit, $this->theta, $this->step, $weight);
    }
}
