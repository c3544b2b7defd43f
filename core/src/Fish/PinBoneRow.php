<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** How far the pin bones run along a side. */
enum PinBoneRow: string
{
    case None = 'none';
    /** From the head end part of the way. */
    case Short = 'short';
    /** Past the middle of the side. */
    case Long = 'long';
    /** Rows between the muscles: pliers tear, strips come out. */
    case ManyBoned = 'many';
}
