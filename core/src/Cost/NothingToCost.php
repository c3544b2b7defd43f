<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Refused;

/** A fish that has no product to carry its cost. */
final class NothingToCost extends Refused
{
}
