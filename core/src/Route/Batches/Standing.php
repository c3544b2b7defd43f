<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Brick\Math\BigRational;
use DateTimeImmutable;
use Sectum\Measure\Money;

/** What is left of a batch, and what all of it cost. */
final readonly class Standing
{
    /**
     * @param  int  $madeMilli  thousandths of a litre or a kilo it made, above 0
     * @param  int  $drawnMilli  drawn so far, 0 to what it made
     * @param  Money  $cost  of all of it, by what went in
     * @param  Money  $drawn  of that, what was drawn so far
     * @param  DateTimeImmutable  $until  last day
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $until,
        public int $madeMilli,
        public int $drawnMilli,
        public Money $cost,
        public Money $drawn,
    ) {
    }

    public function leftMilli(): int
    {
        return max(0, $this->madeMilli - $this->drawnMilli);
    }

    /** What the next so many cost; the last drop takes what is left of the cost, so that all draws add up to it. */
    public function costOfNext(int $milli): Money
    {
        return $milli >= $this->leftMilli()
            ? $this->cost->minus($this->drawn)
            : $this->cost->multipliedBy(BigRational::nd($milli, max(1, $this->madeMilli)));
    }
}
