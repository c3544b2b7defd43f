<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Sectum\Refused;

/** An amount of money that cannot be read from what was typed. */
final class UnreadableMoney extends Refused
{
}
