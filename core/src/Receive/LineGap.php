<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Sentence;

/** Which way a line differs from its invoice, or would. */
enum LineGap: string implements Sentence
{
    /** By weight: mass. */
    case Short = 'short';
    case Over = 'over';

    /** By count: count. */
    case FishShort = 'fish-short';
    case FishOver = 'fish-over';

    public function isShort(): bool
    {
        return match ($this) {
            self::Short, self::FishShort => true,
            self::Over, self::FishOver => false,
        };
    }
}
