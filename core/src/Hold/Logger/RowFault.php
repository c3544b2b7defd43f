<?php

declare(strict_types=1);

namespace Sectum\Hold\Logger;

use Sectum\Sentence;

/** Why a row or a sample of a logger is not taken. */
enum RowFault: string implements Sentence
{
    case NoTime = 'no-time';
    case NoTemperature = 'no-temperature';
    /** A probe that is open or shorted, or no fish at all. */
    case Broken = 'broken';
    case Future = 'future';
    case Columns = 'columns';
}
