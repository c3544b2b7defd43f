<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use Sectum\Refused;

/** A file that is no invoice we can read at all. */
final class BadInvoice extends Refused
{
}
