<?php

declare(strict_types=1);

namespace Sectum\Practise\Next;

/** A drill that was answered. */
final readonly class Practised
{
    /**
     * @param  int  $day  it was done, counted from any one day
     * @param  float  $scorePct  0 to 100
     */
    public function __construct(public int $day, public float $scorePct)
    {
    }
}
