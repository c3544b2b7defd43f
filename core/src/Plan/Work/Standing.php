<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** A brine or a cure on the way to a dish: hands to make it up, then it stands by itself. */
final readonly class Standing
{
    /**
     * @param  string  $treatment  which
     * @param  float  $minutes  it stands
     * @param  bool  $beforePortions  on the fillets; else on the portions that were cut
     */
    public function __construct(public string $treatment, public float $minutes, public bool $beforePortions)
    {
    }
}
