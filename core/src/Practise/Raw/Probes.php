<?php

declare(strict_types=1);

namespace Sectum\Practise\Raw;

use Sectum\Hold\Point;

/** What two probes said of a freezing: in the air, and in the core of the largest fish. */
final readonly class Probes
{
    /**
     * @param  list<Point>  $air
     * @param  list<Point>  $core
     */
    public function __construct(public array $air, public array $core)
    {
    }
}
