<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** How fat the flesh is; oily bones make a stock that tastes of nothing else. */
enum FatClass: string
{
    case Lean = 'lean';
    case Medium = 'medium';
    case Oily = 'oily';
}
