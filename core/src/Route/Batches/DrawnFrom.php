<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Measure\Money;

/** So much drawn from one batch. */
final readonly class DrawnFrom
{
    /** @param  int  $milli  thousandths of a litre or a kilo, above 0 */
    public function __construct(public Standing $batch, public int $milli, public Money $cost)
    {
    }
}
