<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\FatGrade;

/** What one fish kept, and how fat its lot was. */
final readonly class GradedYield
{
    /** @param  FatGrade|null  $grade  null while nobody said */
    public function __construct(public ?FatGrade $grade, public float $pct)
    {
    }
}
