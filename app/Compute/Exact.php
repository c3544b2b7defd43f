<?php

declare(strict_types=1);

namespace App\Compute;

use Brick\Math\BigRational;

/** A JSON number as the decimal that was written, not as its nearest binary fraction. */
final readonly class Exact
{
    public static function number(float $number): BigRational
    {
        return BigRational::of(json_encode($number, JSON_THROW_ON_ERROR));
    }
}
