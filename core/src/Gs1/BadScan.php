<?php

declare(strict_types=1);

namespace Sectum\Gs1;

use Sectum\Refused;

/** A label that cannot be read: says which element is wrong. */
final class BadScan extends Refused
{
}
