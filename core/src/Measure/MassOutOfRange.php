<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Sectum\Refused;

/** A mass that can be read but cannot be a reading: nothing, less than nothing, or beyond the scale. */
final class MassOutOfRange extends Refused
{
}
