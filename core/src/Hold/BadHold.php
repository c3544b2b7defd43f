<?php

declare(strict_types=1);

namespace Sectum\Hold;

use Sectum\Refused;

/** A figure of a treatment, a temperature record or a run that makes no sense. */
final class BadHold extends Refused
{
}
