<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Sectum\Refused;

/** Text that is no temperature. */
final class UnreadableTemperature extends Refused
{
}
