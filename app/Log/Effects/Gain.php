<?php

declare(strict_types=1);

namespace App\Log\Effects;

use Sectum\Measure\Money;

/** What all fish as the best level of a factor has them would bring. */
final readonly class Gain
{
    /** @param  Money  $year  a year */
    public function __construct(public string $factor, public string $name, public Money $year)
    {
    }
}
