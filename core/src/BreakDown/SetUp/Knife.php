<?php

declare(strict_types=1);

namespace Sectum\BreakDown\SetUp;

/** The kinds of knife fish are cut with. */
enum Knife: string
{
    case Flexible = 'flexible';
    case Stiff = 'stiff';
    case Long = 'long';
    case Short = 'short';
    case Heavy = 'heavy';

    /** The knife a step's tools name; null where they name none. */
    public static function named(string $tools): ?self
    {
        foreach (self::cases() as $knife) {
            if (str_contains($tools, "{$knife->value} knife")) {
                return $knife;
            }
        }

        return null;
    }
}
