<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Sentence;

/** What a change of weight tells of a treatment. */
enum ChangeSays: string implements Sentence
{
    case Usual = 'usual';
    case More = 'more';
    case Less = 'less';
    case GainedInstead = 'gained-instead';
    case LostInstead = 'lost-instead';
}
