<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Refused;

/** More is asked of a bin than lies in it. */
final class NotInTheBin extends Refused
{
}
