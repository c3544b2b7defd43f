<?php

declare(strict_types=1);

namespace Sectum\Practise\Fresh;

use Sectum\Receive\Attribute;
use Sectum\Receive\Freshness;
use Sectum\Receive\LooksAndFeel;

/** A lot as it comes in: all its signs tell one story but one, and that one decides. */
final readonly class Lot
{
    /** @param  Attribute  $decides  the verdict is another one without it */
    public function __construct(public LooksAndFeel $looks, public Attribute $decides, public Freshness $judged)
    {
    }
}
