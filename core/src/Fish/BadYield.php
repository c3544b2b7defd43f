<?php

declare(strict_types=1);

namespace Sectum\Fish;

use Sectum\Refused;

/** A rung that keeps more than the one above it, or more than there is. */
final class BadYield extends Refused
{
}
