<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Sentence;

/** What is said of the signs of a kind. */
enum NotIt: string implements Sentence
{
    case SignsMissing = 'signs-missing';
    case NoSigns = 'no-signs';
    case NoSuchSign = 'no-such-sign';
}
