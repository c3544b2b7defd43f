<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

/** What a portion loses between the board and the plate, by one thing that is done to it. */
final readonly class Loss
{
    /**
     * @param  string  $by  code of a preparation or of a service class
     * @param  float  $pct  of what there is then, above 0 and below 100
     */
    public function __construct(public string $by, public float $pct)
    {
    }
}
