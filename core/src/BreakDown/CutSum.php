<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** What some parts of a cut say together in its sum row. */
final readonly class CutSum
{
    /** @param  int  $unknown  how many of them could weigh anything */
    public function __construct(
        public float $variance,
        public float $slope = 0.0,
        public float $foot = 0.0,
        public int $unknown = 0,
    ) {
    }

    public function plus(self $other): self
    {
        return new self(
            $this->variance + $other->variance,
            $this->slope + $other->slope,
            $this->foot + $other->foot,
            $this->unknown + $other->unknown,
        );
    }
}
