<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** What a thing is made as: raw fish to be cooked, raw fish to be served raw, or cooked. */
enum KeptAs: string
{
    case Raw = 'raw';
    case RawService = 'raw-service';
    case Cooked = 'cooked';
}
