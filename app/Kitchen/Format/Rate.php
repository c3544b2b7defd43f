<?php

declare(strict_types=1);

namespace App\Kitchen\Format;

use Sectum\Measure\MassUnit;
use Sectum\Measure\Money;

/** A price by mass, in the unit of whoever reads it. */
final readonly class Rate
{
    public function __construct(public Money $amount, public MassUnit $per)
    {
    }

    /** "€13.90 per kg" */
    public function text(): string
    {
        return "{$this->amount->print()} per {$this->per->value}";
    }

    /** @return array{amount: string, per: string} */
    public function shown(): array
    {
        return ['amount' => $this->amount->print(), 'per' => $this->per->value];
    }
}
