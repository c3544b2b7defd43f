<?php

declare(strict_types=1);

namespace Sectum\Math;

use Sectum\Refused;

/** A total that has nothing to be split over. */
final class UnsplittableTotal extends Refused
{
}
