<?php

declare(strict_types=1);

namespace Sectum\Practise\Raw;

/** What came of judging cases. */
final readonly class RawResult
{
    /** @param  list<float>  $points  0 to 1, one a case */
    public function __construct(public float $scorePct, public array $points)
    {
    }
}
