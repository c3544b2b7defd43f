<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Refused;

/** A target and band no piece could be judged by. */
final class BadBand extends Refused
{
}
