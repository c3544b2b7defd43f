<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use Sectum\Refused;

/** A number or a date that can be read in two ways, or in none. */
final class Unwritten extends Refused
{
}
