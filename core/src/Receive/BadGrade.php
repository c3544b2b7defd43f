<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Refused;

/** A grade beyond the descriptions, or of something no fish has. */
final class BadGrade extends Refused
{
}
