<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

/** So much of an ingredient. */
final readonly class Amount
{
    /** @param  float  $amount  millilitres when it is poured, grams otherwise */
    public function __construct(public string $name, public float $amount, public bool $poured)
    {
    }
}
