<?php

declare(strict_types=1);

namespace Sectum\Hold\Places;

enum Range: string
{
    case Within = 'within';
    case TooWarm = 'too-warm';
    case TooCold = 'too-cold';
}
