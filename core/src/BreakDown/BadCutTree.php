<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Refused;

/** Pieces that do not form one fish cut into pieces. */
final class BadCutTree extends Refused
{
}
