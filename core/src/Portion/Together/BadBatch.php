<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

use Sectum\Refused;

/** A figure of a batch of fillets that makes no sense, and where it stands. */
final class BadBatch extends Refused
{
}
