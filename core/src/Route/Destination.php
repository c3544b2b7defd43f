<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;

/** A bin a part may go to, or may not, and why. */
final readonly class Destination
{
    public function __construct(public Bin $bin, public bool $allowed, public string $why)
    {
    }
}
