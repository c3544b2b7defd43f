<?php

declare(strict_types=1);

namespace Sectum\Practise\Sheet;

/** What came of looking for mistakes. */
final readonly class SheetResult
{
    /** @param  list<float>  $points  0 to 1, one a sheet */
    public function __construct(public float $scorePct, public array $points)
    {
    }
}
