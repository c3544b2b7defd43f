<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Refused;

/** A batch does not hold what is to be drawn from it. */
final class BadDraw extends Refused
{
}
