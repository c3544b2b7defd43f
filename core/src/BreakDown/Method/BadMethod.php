<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Refused;

/** A method, a step or a choice that cannot be. */
final class BadMethod extends Refused
{
}
