<?php

declare(strict_types=1);

namespace Sectum\Practise\Bones;

use Sectum\Practise\BadDrill;

/** A place on a side. */
final readonly class Touch
{
    /**
     * @param  float  $along  from the head end, 0, to the tail, 1
     * @param  float  $across  from the belly's edge, −1, to the back's, 1
     *
     * @throws BadDrill when it is beside the side
     */
    public function __construct(public float $along, public float $across)
    {
        ($along >= 0 && $along <= 1) || throw new BadDrill('That is beside the side.', $along, '/along');
        ($across >= -1 && $across <= 1) || throw new BadDrill('That is beside the side.', $across, '/across');
    }
}
