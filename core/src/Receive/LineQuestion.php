<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Sentence;

/** What is asked before one more weighing is taken into a line. */
enum LineQuestion: string implements Sentence
{
    /** So much would lie there: mass, name, invoiced. */
    case TooHeavy = 'too-heavy';

    /** So many would: count, invoiced. */
    case TooMany = 'too-many';
}
