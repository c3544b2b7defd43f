<?php

declare(strict_types=1);

namespace Sectum\Practise\Sheet;

use Sectum\BreakDown\CutTree;

/** The weights of a fish as they were written down. */
final readonly class Sheet
{
    /** @param  Mistake|null  $mistake  null when all is right */
    public function __construct(public CutTree $tree, public ?Mistake $mistake)
    {
    }
}
