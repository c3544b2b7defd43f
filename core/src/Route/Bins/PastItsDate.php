<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Refused;

/** Something past its date was to be eaten. */
final class PastItsDate extends Refused
{
}
