<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Sentence;

/** Why a record does not meet a rule. */
enum Lacks: string implements Sentence
{
    /** Nobody said when the fish went in, and no core probe tells. */
    case Loading = 'loading';
    /** The rule asks for the core, and no probe was in it. */
    case CoreProbe = 'core-probe';
    /** The core never reached −20 °C. */
    case Solid = 'solid';
    /** No probe in the core, and nobody said when it was solid. */
    case WordOfSolid = 'word-of-solid';
    /** The core was not seen above freezing since it went in: nobody knows when it began to freeze. */
    case Beginning = 'beginning';
    /** The air was not at −35 °C all the while it froze: from, to. */
    case ColdWhileFreezing = 'cold-while-freezing';
    /** Too warm, since. */
    case TooWarm = 'too-warm';
    /** The probe was silent: from, to. */
    case Silence = 'silence';
    /** Cold still, and not long enough yet. */
    case Time = 'time';
}
