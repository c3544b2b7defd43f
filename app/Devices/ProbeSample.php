<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Temperature;

/** What a probe shows at one moment. */
final readonly class ProbeSample
{
    /** @param  bool  $steady  whether it has come to rest where it sticks */
    public function __construct(public Temperature $shown, public bool $steady)
    {
    }
}
