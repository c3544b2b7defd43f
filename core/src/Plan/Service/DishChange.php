<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

use Sectum\Measure\Money;

/** What another count of guests means for one dish. */
final readonly class DishChange
{
    /** Fish more, or fewer; null when nobody knows what a fish gives. */
    public ?int $fish;

    /** Minutes at the board more, or fewer. */
    public float $minutes;

    /** What the fish costs more, or less; null when nobody knows its price. */
    public ?Money $cost;

    /**
     * @param  string  $dish  which
     * @param  int  $before  portions it was planned for, 0 or more
     * @param  int  $after  portions it is planned for now
     * @param  float|null  $perFish  portions a fish gives; null when nobody knows
     * @param  float  $minutesPerFish  at the board
     * @param  float  $minutesPerPortion  cut, weighed and put away
     * @param  Money|null  $fishCost  one fish
     */
    public function __construct(
        public string $dish,
        public int $before,
        public int $after,
        ?float $perFish,
        float $minutesPerFish,
        float $minutesPerPortion,
        ?Money $fishCost,
    ) {
        $this->fish = $perFish === null || $perFish <= 0
            ? null
            : (int) ceil($after / $perFish - 1e-9) - (int) ceil($before / $perFish - 1e-9);
        $this->minutes = ($this->fish ?? 0) * $minutesPerFish + ($after - $before) * $minutesPerPortion;
        $this->cost = $this->fish === null ? null : $fishCost?->times($this->fish);
    }

    public function portions(): int
    {
        return $this->after - $this->before;
    }
}
