<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/** What a batch brought in, dealt back over what went into it by mass. */
final readonly class Returned
{
    /** @param  list<Money>  $shares  in the order of the masses; they add up to the total */
    private function __construct(public Money $total, public array $shares)
    {
    }

    /**
     * @param  BigRational  $yield  litres or kilos, 0 or more
     * @param  Money  $value  of a litre or a kilo, 0 or more
     * @param  list<Mass>  $masses  what went in, each above zero, at least one
     */
    public static function of(BigRational $yield, Money $value, array $masses): self
    {
        $total = $value->multipliedBy($yield);

        return new self(
            $total,
            $total->split(array_map(fn (Mass $mass): int => $mass->milligrams, $masses)),
        );
    }

    /**
     * What a litre or a kilo of it cost by what went in.
     *
     * @param  Money  $booked  what went in was worth in its bins
     * @param  int  $yieldMilli  thousandths of a litre or a kilo, above 0
     */
    public static function perUnit(Money $booked, int $yieldMilli): Money
    {
        return $booked->multipliedBy(BigRational::nd(1000, max(1, $yieldMilli)));
    }
}
