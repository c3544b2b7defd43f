<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

use Sectum\Sentence;

/** Why so much cannot be taken out of a bin. */
enum NotInTheBinBecause: string implements Sentence
{
    /** Less lies there: bin, left, wanted. */
    case TooMuch = 'too-much';

    /** Less of it may still be eaten: bin, left, wanted. */
    case TooMuchToEat = 'too-much-to-eat';

    /** Of one tub: left. */
    case OnlyLeft = 'only-left';
    case Empty = 'empty';
    case NoSuchTub = 'no-such-tub';
}
