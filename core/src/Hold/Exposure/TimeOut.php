<?php

declare(strict_types=1);

namespace Sectum\Hold\Exposure;

use Sectum\Hold\BadHold;

/** Once out of the cold: from when to when, and how warm the kitchen was. */
final readonly class TimeOut
{
    /**
     * @param  float  $from  minutes
     * @param  float  $to  minutes, no earlier; now while it is still out
     * @param  float|null  $roomC  null where nobody measured it
     *
     * @throws BadHold when it came in before it went out
     */
    public function __construct(public float $from, public float $to, public ?float $roomC)
    {
        $to >= $from || throw new BadHold('It came back in before it went out.', $to, '/in_at');
    }

    public function minutes(): float
    {
        return $this->to - $this->from;
    }
}
