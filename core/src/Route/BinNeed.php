<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Measure\Mass;
use Sectum\Measure\PricePerKg;

/** How a bin stands: what a kilo is worth in it, what still fits, and what its next batch waits for. */
final readonly class BinNeed
{
    /**
     * @param  PricePerKg|null  $value  0 or more; null when nobody set one
     * @param  Mass|null  $room  what still fits, zero when it is full; null when nobody set a limit
     * @param  Mass|null  $lacks  what is missing for the next batch; null when there is enough, or when nothing is made
     *     of it in batches
     */
    public function __construct(public ?PricePerKg $value = null, public ?Mass $room = null, public ?Mass $lacks = null)
    {
    }

    /**
     * @param  Mass|null  $holds  what the bin has room for; null when nobody set a limit
     * @param  Mass|null  $batch  what a batch takes; null when nothing is made of it in batches
     * @param  Mass  $there  what lies in it
     */
    public static function of(?PricePerKg $value, ?Mass $holds, ?Mass $batch, Mass $there): self
    {
        $room = $holds?->minus($there);
        $lacks = $batch?->minus($there);

        return new self(
            $value,
            $room?->isNegative() === true ? Mass::zero() : $room,
            $lacks?->isPositive() === true ? $lacks : null,
        );
    }

    public function fits(Mass $mass): bool
    {
        return $this->room === null || $this->room->milligrams >= $mass->milligrams;
    }

    /** Whether this very piece makes up what the next batch lacks. */
    public function completedBy(Mass $mass): bool
    {
        return $this->lacks !== null && $this->lacks->isPositive() && $mass->milligrams >= $this->lacks->milligrams;
    }
}
