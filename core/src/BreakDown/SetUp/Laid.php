<?php

declare(strict_types=1);

namespace Sectum\BreakDown\SetUp;

/** What is laid out before the first cut of a lot. */
enum Laid: string
{
    case Board = 'board';
    /** The damp cloth under the board. */
    case Cloth = 'cloth';
    case Trays = 'trays';
    case Pliers = 'pliers';
}
