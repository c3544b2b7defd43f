<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use DateTimeImmutable;
use Sectum\Measure\Temperature;

/** How hot a batch was in its middle, and when. */
final readonly class CoreReading
{
    public function __construct(public DateTimeImmutable $at, public Temperature $core)
    {
    }
}
