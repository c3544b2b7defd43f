<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** Thinnest and thickest of a stretch; mm, or shares of the greatest. */
final readonly class Thicknesses
{
    public function __construct(public float $thin, public float $thick)
    {
    }
}
