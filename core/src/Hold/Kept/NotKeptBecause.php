<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

use Sectum\Sentence;

/** Why so many portions cannot be taken. */
enum NotKeptBecause: string implements Sentence
{
    /** :count are asked, :left are there. */
    case OnlyLeft = 'only-left';
    case NoneLeft = 'none-left';
    case Past = 'past';
    case StillFrozen = 'still-frozen';
    case NoSuchTray = 'no-such-tray';
    case MoreThanTaken = 'more-than-taken';
}
