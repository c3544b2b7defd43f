<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** The usual mistakes at a scale. */
enum ExplanationKind: string
{
    /** A tray or lid stayed under the piece, or was taken off twice. */
    case Tare = 'tare';
    /** A figure read in one unit and written in another. */
    case Unit = 'unit';
    /** Two digits changed places. */
    case Digits = 'digits';
    /** The same reading entered for two pieces. */
    case Twice = 'twice';
}
