<?php

declare(strict_types=1);

namespace Sectum\Cost;

/** What to do about a dish, by how often it is asked for and what it earns. */
enum MenuAdvice: string
{
    case Keep = 'keep';
    case Reprice = 'reprice';
    case Promote = 'promote';
    case Replace = 'replace';

    public static function of(bool $popular, bool $earning): self
    {
        return match (true) {
            $popular && $earning => self::Keep,
            $popular => self::Reprice,
            $earning => self::Promote,
            default => self::Replace,
        };
    }
}
