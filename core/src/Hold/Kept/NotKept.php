<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

use Sectum\Refused;

/** Portions that are not there, or may not be served. */
final class NotKept extends Refused
{
}
