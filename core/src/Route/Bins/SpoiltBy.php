<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

/** What told that something was spoilt when it was thrown away. */
enum SpoiltBy: string
{
    case Smell = 'smell';
    case Soft = 'soft';
    case Date = 'date';
}
