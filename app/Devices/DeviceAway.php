<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** A device does not answer. Typing goes on. */
final class DeviceAway extends RuntimeException
{
}
