<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/**
 * The most likely true mass of a piece, in grams with one standard deviation; null when the weights do not determine
 * it.
 */
final readonly class PieceEstimate
{
    public function __construct(public string $id, public ?float $grams, public ?float $sdGrams)
    {
    }
}
