<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

use Sectum\Refused;

/** A claim is not ready for this, or a credit note does not fit it. */
final class BadClaimStep extends Refused
{
}
