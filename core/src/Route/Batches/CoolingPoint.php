<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Measure\Temperature;

/** How cold a batch has to be, so many hours after it was last hot. */
final readonly class CoolingPoint
{
    public function __construct(public float $hours, public Temperature $limit)
    {
    }
}
