<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** Why the law does not allow something to be done with a thing. */
enum CustodyCode: string
{
    /** Nothing has this id. */
    case Unknown = 'unknown';
    /** Something has this id already. */
    case Twice = 'twice';
    /** It was used up or discarded. */
    case Gone = 'gone';
    /** It was out of the cold for as long as it may be. */
    case Warm = 'warm';
    /** It, or what it was made of, failed its cooling. */
    case Uncooled = 'uncooled';
    /** Packed without air: it may not be so, or it thawed in its pack. */
    case Airless = 'airless';
    /** Its date is past. */
    case Past = 'past';
    /** It is frozen, or thawing. */
    case Frozen = 'frozen';
    /** It was thawed before and is not frozen again. */
    case ThawedBefore = 'thawed-before';
    /** It is not frozen, or thaws already. */
    case NotFrozen = 'not-frozen';
    /** It does not thaw. */
    case NotThawing = 'not-thawing';
    /** It was cooked. */
    case Cooked = 'cooked';
    /** It was never cooked. */
    case NotCooked = 'not-cooked';
    /** What it is made of may not be served raw. */
    case RawClosed = 'raw-closed';
    /** Cooked without the core reading its kind asks for. */
    case NoReading = 'no-reading';
    /** It is not packed without air. */
    case NotAirless = 'not-airless';
    /** The limit of histamine fish is released by nobody. */
    case Histamine = 'histamine';
    /** Its time out of the cold has not stopped it. */
    case NotStopped = 'not-stopped';
}
