<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Refused;

/** A fillet, a shape or a kind of portion that cannot be. */
final class BadFillet extends Refused
{
}
