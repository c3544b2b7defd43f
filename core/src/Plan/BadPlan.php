<?php

declare(strict_types=1);

namespace Sectum\Plan;

use Sectum\Refused;

/** A figure of a demand, an offer, a task or a shift that makes no sense. */
final class BadPlan extends Refused
{
}
