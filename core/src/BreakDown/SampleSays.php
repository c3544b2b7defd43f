<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Sentence;

/** What is said of a sample. */
enum SampleSays: string implements Sentence
{
    case MoreThanThereAre = 'more-than-there-are';
}
