<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Sectum\Refused;

/** A mass that cannot be read from what was typed. */
final class UnreadableMass extends Refused
{
}
