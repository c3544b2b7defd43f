<?php

declare(strict_types=1);

namespace Sectum\Custody;

use Sectum\Refused;

/** Events that cannot be put in order, or that lack what their kind needs. */
final class BadCustody extends Refused
{
}
