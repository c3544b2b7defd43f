<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

use Sectum\Math\Cholesky;

/** A model solved for some variances. */
final readonly class Fit
{
    /**
     * @param  list<float>  $solution  random columns in units of their scale, then the fixed ones
     * @param  float  $sd  of the rest
     * @param  float  $deviance  −2 · ln of the restricted likelihood, but for a constant
     */
    public function __construct(
        public Cholesky $factor,
        public array $solution,
        public float $sd,
        public float $deviance,
    ) {
    }
}
