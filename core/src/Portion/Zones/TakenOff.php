<?php

declare(strict_types=1);

namespace Sectum\Portion\Zones;

/** When a thin part leaves the fillet. */
enum TakenOff: string
{
    /** In one piece, before the first portion is cut. */
    case Before = 'before';
    /** Off every portion once it is cut: the portions are cut heavier by it. */
    case After = 'after';
    /** It stays on and is served. */
    case LeftOn = 'on';
}
