<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Refused;

/** A question about a plate that has no answer. */
final class BadWhatIf extends Refused
{
}
