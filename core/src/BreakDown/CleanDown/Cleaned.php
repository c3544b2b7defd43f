<?php

declare(strict_types=1);

namespace Sectum\BreakDown\CleanDown;

/** What is cleaned at the board. */
enum Cleaned: string
{
    case Board = 'board';
    case Knife = 'knife';
    case Pliers = 'pliers';
    case Cloth = 'cloth';
}
