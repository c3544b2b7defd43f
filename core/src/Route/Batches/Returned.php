<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Brick\Math\BigRational;
use Sectum\Math\LargestRemainder;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** What a batch brought in, dealt back over what went into it by mass. */
final readonly class Returned
{
    /** @param  list<int>  $sharesMinor  in the order of the masses; they add up to the total */
    private function __construct(public int $totalMinor, public array $sharesMinor)
    {
    }

    /**
     * @param  BigRational  $yield  litres or kilos, 0 or more
     * @param  int  $valueMinor  of a litre or a kilo, 0 or more
     * @param  list<Mass>  $masses  what went in, each above zero, at least one
     */
    public static function of(BigRational $yield, int $valueMinor, array $masses): self
    {
        $total = Money::toMinor($yield->multipliedBy($valueMinor));

        return new self(
            $total,
            LargestRemainder::split($total, array_map(fn (Mass $mass): int => $mass->milligrams, $masses)),
        );
    }

    /**
     * What a litre or a kilo of it cost by what went in, minor units.
     *
     * @param  int  $bookedMinor  what went in was worth in its bins
     * @param  int  $yieldMilli  thousandths of a litre or a kilo, above 0
     */
    public static function perUnit(int $bookedMinor, int $yieldMilli): int
    {
        return Money::toMinor(BigRational::nd($bookedMinor, max(1, $yieldMilli))->multipliedBy(1000));
    }
}
