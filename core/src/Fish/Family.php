<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** What becomes of a piece: the four families of the keel. */
enum Family: string
{
    case Portion = 'portion';
    case Usable = 'usable';
    case Stock = 'stock';
    case Discard = 'discard';
}
