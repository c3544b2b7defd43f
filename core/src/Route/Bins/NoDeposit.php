<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Refused;

/** What was to be put into a bin is nothing, or lies there already. */
final class NoDeposit extends Refused
{
}
