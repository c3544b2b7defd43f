<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Mass;

/** A year of a dish, from the portions of its last weeks. */
final readonly class Yearly
{
    /** What counts as a year of the house: four weeks, thirteen times. */
    public const DAYS = 28;

    private const TIMES = 13;

    private function __construct(public int $portions)
    {
    }

    /** @param  int  $lately  portions cut in the last DAYS that count */
    public static function of(int $lately): self
    {
        return new self(self::TIMES * $lately);
    }

    /** What all of them weigh beyond their target when each does so by this much. */
    public function over(Mass $each): Mass
    {
        return Mass::ofMilligrams($each->milligrams * $this->portions);
    }
}
