<?php

declare(strict_types=1);

namespace Sectum\Practise;

use Sectum\Refused;

/** An answer to a drill that cannot be judged, or a figure among it that cannot be. */
final class BadDrill extends Refused
{
}
