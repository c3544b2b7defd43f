<?php

declare(strict_types=1);

namespace Sectum\BreakDown\SetUp;

use Sectum\Refused;

/** A knife that is said to be sharpened tomorrow. */
final class BadSetUp extends Refused
{
}
