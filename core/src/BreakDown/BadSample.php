<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Refused;

/** A sample that cannot be of its batch. */
final class BadSample extends Refused
{
}
