<?php

declare(strict_types=1);

namespace Sectum\Log;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/**
 * What points of yield are worth a year: effect/100 × kilos a year × edible cost a kilo (handbook, numbers 14), at
 * the house's own prices and volumes.
 */
final readonly class YearsMoney
{
    private const YEAR = 365.25;

    /** A shorter record is not stretched to a year. */
    private const FEWEST_DAYS = 28;

    private function __construct(public Mass $aYear, public PricePerKg $edible)
    {
    }

    /**
     * @param  Mass  $cut  as purchased, in the days of the record
     * @param  int  $days  from the first to the last
     * @param  Money  $cost  net, of those whose cost is known
     * @param  Mass  $edible  that carries it
     * @return self|null null while nothing has a cost, or the record is shorter than four weeks
     */
    public static function of(Mass $cut, int $days, Money $cost, Mass $edible): ?self
    {
        return $days < self::FEWEST_DAYS || ! $edible->isPositive() || $cost->minor <= 0
            ? null
            : new self(
                Mass::ofGrams(round(($cut->grams() * self::YEAR) / max($days, 1))),
                $cost->per($edible),
            );
    }

    /** @param  float  $points  of yield on all that is cut a year; below 0 is lost */
    public function worth(float $points): Money
    {
        return $this->edible->times(Mass::ofGrams(round(($this->aYear->grams() * $points) / 100)));
    }

    /** The same for a part of what is cut. */
    public function ofShare(float $share): self
    {
        return new self(Mass::ofGrams(round($this->aYear->grams() * $share)), $this->edible);
    }
}
