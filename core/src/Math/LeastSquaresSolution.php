<?php

declare(strict_types=1);

namespace Sectum\Math;

/** Where weighted least squares came to rest. */
final readonly class LeastSquaresSolution
{
    /**
     * @param  list<float|null>  $estimates  null where the rows do not determine the unknown
     * @param  list<float|null>  $variances  null likewise, or when not asked for
     * @param  float  $objective  the sum of squared residuals at the minimum
     */
    public function __construct(public array $estimates, public array $variances, public float $objective)
    {
    }
}
