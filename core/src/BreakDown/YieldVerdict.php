<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** How a yield stands beside its band. */
enum YieldVerdict: string
{
    case Low = 'low';
    case AsExpected = 'as expected';
    case High = 'high';
}
