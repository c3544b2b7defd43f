<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Sentence;

/** Why nothing is drawn from a batch. */
enum DrawSays: string implements Sentence
{
    case Nothing = 'nothing';
    /** `left` litres or kilos are there and in date. */
    case OnlyLeft = 'only-left';
    case NoneLeft = 'none-left';
}
