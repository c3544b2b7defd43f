<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

/** What a treatment is for. */
enum Aim: string
{
    case Season = 'season';
    case Firm = 'firm';
    case KeepMoist = 'keep-moist';
    case DrawWater = 'draw-water';
    case Colour = 'colour';
}
