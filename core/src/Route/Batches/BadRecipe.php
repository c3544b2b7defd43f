<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Refused;

/** A recipe that cannot be made. */
final class BadRecipe extends Refused
{
}
