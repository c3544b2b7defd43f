<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** Between which a piece's middle lies, as shares of the fillet's length; null where nothing bounds it. */
final readonly class Reach
{
    public function __construct(public ?float $from = null, public ?float $to = null)
    {
    }

    /** Whether a point, as a share of the length, lies between. */
    public function holds(float $share): bool
    {
        return $share >= ($this->from ?? 0.0) && $share <= ($this->to ?? 1.0);
    }
}
