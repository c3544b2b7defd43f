<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Refused;

/** A sourcing rule that names nothing, or gives no reason. */
final class BadSourcing extends Refused
{
}
