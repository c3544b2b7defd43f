<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Sentence;

/** How a batch stands against the limits it is cooled by. */
enum CoolingSays: string implements Sentence
{
    case Unmeasured = 'unmeasured';

    /** The first limit is still to be met: limit, by. */
    case WarmBy = 'warm-by';

    /** The second one is: limit, by. */
    case ColdBy = 'cold-by';

    /** Both are met: rule. */
    case Meets = 'meets';

    /** One was not met in time: rule, limit, hours, hot. */
    case Failed = 'failed';
}
