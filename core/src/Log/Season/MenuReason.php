<?php

declare(strict_types=1);

namespace Sectum\Log\Season;

/** Why a fish belongs on the menu of a month, or does not. */
enum MenuReason: string
{
    case Plenty = 'plenty';
    case Short = 'short';
    /** As fat as a dish of the house wants it. */
    case Suits = 'suits';
    case Unsuited = 'unsuited';
    case Roe = 'roe';
    case Cheaper = 'cheaper';
    case Dearer = 'dearer';
    case YieldsMore = 'yields-more';
    case YieldsLess = 'yields-less';

    /** What it counts for against the others. Our estimate: whether there is fish to be had counts double. */
    public function weight(): int
    {
        return match ($this) {
            self::Plenty => 2,
            self::Suits, self::Cheaper, self::YieldsMore, self::Roe => 1,
            self::Dearer, self::YieldsLess, self::Unsuited => -1,
            self::Short => -2,
        };
    }
}
