<?php

declare(strict_types=1);

namespace Sectum\Gs1;

/** An application identifier and the value that stands after it, neither checked yet. */
final readonly class Pair
{
    public function __construct(public string $ai, public string $value)
    {
    }
}
