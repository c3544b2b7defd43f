<?php

declare(strict_types=1);

namespace App\Devices;

use Sectum\Measure\Mass;

/** What a scale shows at one moment. */
final readonly class ScaleSample
{
    /**
     * @param  Mass  $net  after tare, in whole steps; may be below zero
     * @param  bool  $steady  whether it stands still enough to be taken
     * @param  bool  $overload  whether more lies on it than it can weigh; the net then means nothing
     */
    public function __construct(
        public Mass $net,
        public Mass $tare,
        public Mass $resolution,
        public bool $steady,
        public bool $overload,
    ) {
    }
}
