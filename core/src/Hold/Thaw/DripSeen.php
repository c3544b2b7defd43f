<?php

declare(strict_types=1);

namespace Sectum\Hold\Thaw;

use Sectum\Hold\BadHold;
use Sectum\Hold\Freezing\Wrap;

/** What dripped off one thing as it thawed, where it had been frozen and how it was wrapped. */
final readonly class DripSeen
{
    public float $pct;

    /**
     * @param  float  $before  grams, above 0
     * @param  float  $after  grams, no more than before
     *
     * @throws BadHold which names the figure
     */
    public function __construct(public string $place, public Wrap $wrap, float $before, float $after)
    {
        $before > 0 || throw new BadHold('There is nothing to thaw.', $before, '/before');
        ($after >= 0 && $after <= $before) ||
            throw new BadHold('It weighs no more than before it thawed.', $after, '/after');
        $this->pct = (100 * ($before - $after)) / $before;
    }
}
