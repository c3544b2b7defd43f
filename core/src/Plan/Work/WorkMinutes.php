<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\BadPlan;

/** What the steps beside the knife take in this house. */
final readonly class WorkMinutes
{
    /**
     * @param  float  $receiveLot  a lot at the door, with its papers
     * @param  float  $receiveFish  each fish: weighed, looked at, iced
     * @param  float  $portion  a portion cut and weighed
     * @param  float  $pack  a portion put away, with its label
     * @param  float  $makeUp  a brine or a cure weighed and stirred
     * @param  float  $most  of one task at pace 1, before the work is shared out in several
     *
     * @throws BadPlan when a step takes less than nothing
     */
    public function __construct(
        public float $receiveLot,
        public float $receiveFish,
        public float $portion,
        public float $pack,
        public float $makeUp,
        public float $most = 40.0,
    ) {
        $steps = [$receiveLot, $receiveFish, $portion, $pack, $makeUp];
        (min($steps) >= 0 && $most > 0) ||
            throw new BadPlan('A step takes no less than nothing.', min($steps), '/minutes');
    }
}
