<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** Where a piece lies beside its dish's band. */
enum Placed: string
{
    case Under = 'under';
    case Within = 'within';
    case Over = 'over';
}
