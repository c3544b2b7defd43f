<?php

declare(strict_types=1);

namespace Sectum\Cost;

/** The two schools of what trim gives back to the fish it came from. */
enum CreditSchool: string
{
    /** What a kilo is worth in its bin, whatever becomes of it. */
    case BinValue = 'bin-value';
    /**
     * What the batch it went into really brought; nothing for what was thrown away. What still lies there counts at its
     * bin's value.
     */
    case BatchReturn = 'batch-return';
}
