<?php

declare(strict_types=1);

namespace Sectum\Portion\Shape;

use Sectum\Portion\BadFillet;

/** How thick a fillet is at one place, by ruler or calliper. */
final readonly class MeasuredThickness
{
    /** How far a ruler on soft flesh is off, mm (standard deviation). Our estimate. */
    public const RULER_MM = 1.0;

    /**
     * @param  float  $share  of the length, 0 to 1
     * @param  float  $mm  above 0, up to 300
     *
     * @throws BadFillet which names the figure
     */
    public function __construct(public float $share, public float $mm)
    {
        ($share >= 0 && $share <= 1) ||
            throw new BadFillet('A thickness is measured between the head end and the tail.', $share, '/cm');
        ($mm > 0 && $mm <= 300) || throw new BadFillet('A fillet is up to 300 mm thick.', $mm, '/mm');
    }
}
