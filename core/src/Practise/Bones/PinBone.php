<?php

declare(strict_types=1);

namespace Sectum\Practise\Bones;

/** A pin bone of a side: where its end lies. */
final readonly class PinBone
{
    /**
     * @param  float  $along  from the head end, 0, to the tail, 1
     * @param  float  $across  from the belly's edge, −1, to the back's, 1
     * @param  bool  $broken  a finger feels only half as surely what broke off
     */
    public function __construct(public float $along, public float $across, public bool $broken)
    {
    }
}
