<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** The scale does not answer. Typing goes on. */
final class ScaleAway extends RuntimeException
{
}
