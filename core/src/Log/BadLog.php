<?php

declare(strict_types=1);

namespace Sectum\Log;

use Sectum\Refused;

/** Records that say nothing, or a figure among them that cannot be. */
final class BadLog extends Refused
{
}
