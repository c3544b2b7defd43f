<?php

declare(strict_types=1);

namespace Sectum\Practise\Weigh;

/** A place along a piece as it is drawn: how wide and how thick it is there. */
final readonly class Edge
{
    /** @param  float  $mm  thick; 0 where that is not drawn */
    public function __construct(public float $cm, public float $wideCm, public float $mm)
    {
    }
}
