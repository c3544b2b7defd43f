<?php

declare(strict_types=1);

namespace Sectum\Portion;

/** Which dish is kept whole when there is not enough fish for all. */
enum Priority: string
{
    case First = 'first';
    case Usual = 'usual';
    case Last = 'last';

    /**
     * What a portion counts for beside its worth when fish is dealt out: a dish that comes first is the last to run
     * short.
     */
    public function weight(): float
    {
        return match ($this) {
            self::First => 2.0,
            self::Usual => 1.0,
            self::Last => 0.5,
        };
    }
}
