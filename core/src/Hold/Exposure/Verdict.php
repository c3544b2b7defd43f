<?php

declare(strict_types=1);

namespace Sectum\Hold\Exposure;

/** What a clock of warm minutes says. */
enum Verdict: string
{
    case Within = 'within';
    case Warn = 'warn';
    case Stop = 'stop';
}
