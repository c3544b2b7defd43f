<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** How much of a fish there is to buy at a time of the year. */
enum SeasonSupply: string
{
    case Plenty = 'plenty';
    case Usual = 'usual';
    /** Hard to get, dear, or closed by law. */
    case Short = 'short';
}
