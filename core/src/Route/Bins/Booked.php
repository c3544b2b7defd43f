<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Measure\Mass;

/**
 * What the bins hold to have got of one piece, beside what they should: all that was put in, less what was corrected.
 */
final readonly class Booked
{
    public function __construct(public Mass $in, public Mass $corrected)
    {
    }

    public function net(): Mass
    {
        return $this->in->minus($this->corrected);
    }

    /**
     * What is still to be put in; below zero what is to be corrected.
     *
     * @param  Mass|null  $wanted  what the piece weighs and where it was sent agree on; null when it lies in no bin
     */
    public function missing(?Mass $wanted): Mass
    {
        return ($wanted ?? Mass::zero())->minus($this->net());
    }
}
