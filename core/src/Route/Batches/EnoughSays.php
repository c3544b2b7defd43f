<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Sentence;

/** When there will be enough for a batch. */
enum EnoughSays: string implements Sentence
{
    case Now = 'now';

    /** Nothing comes in: lacks. */
    case NothingComes = 'nothing-comes';
    case Tomorrow = 'tomorrow';

    /** In some days: count. */
    case InDays = 'in-days';

    /** The same, and what lies there ends before. */
    case TomorrowTooLate = 'tomorrow-too-late';
    case InDaysTooLate = 'in-days-too-late';
}
