<?php

declare(strict_types=1);

namespace Sectum\Hold\Logger;

use Sectum\Message;
use Sectum\Refused;

/** A row of a logger that is left out; the rows beside it are taken. */
final class BadRow extends Refused
{
    public static function that(RowFault $fault, string $said): self
    {
        return new self(new Message($fault, ['said' => mb_substr($said, 0, 40)]), $said);
    }
}
