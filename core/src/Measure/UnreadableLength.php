<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Sectum\Refused;

/** What was typed is no length a ruler on the board would show. */
final class UnreadableLength extends Refused
{
}
