<?php

declare(strict_types=1);

namespace Sectum\BreakDown\SetUp;

use Sectum\Sentence;

/** What there is to say of a board as it is set up. */
enum SetUpSays: string implements Sentence
{
    /** Nobody has said so for this lot. */
    case NotYet = 'not-yet';
    /** With `what`, what is not laid out. */
    case Missing = 'missing';
    /** With `count`, days since the knife was sharpened. */
    case Blunt = 'blunt';
    case BadDay = 'bad-day';
}
