<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

use Sectum\Refused;

/** A cut that cannot be made so. */
final class BadCut extends Refused
{
}
