<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Hold\BadHold;

/** A run whose middle was seen to freeze: how long it took, and how long the sum alone expected. */
final readonly class TimedRun
{
    /**
     * @param  float  $took  hours, above 0
     * @param  float  $expected  hours, above 0
     *
     * @throws BadHold which names the figure
     */
    public function __construct(public float $took, public float $expected)
    {
        $took > 0 || throw new BadHold('Nothing freezes in no time.', $took, '/took');
        $expected > 0 || throw new BadHold('Nothing freezes in no time.', $expected, '/expected');
    }
}
