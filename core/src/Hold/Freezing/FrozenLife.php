<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use DateTimeImmutable;
use Sectum\Fish\FatClass;

/**
 * How long frozen fish stays good, by how fat it is: 12 months lean, 6 medium, 3 oily. Quality and no law; house
 * defaults, estimates.
 */
final readonly class FrozenLife
{
    public static function months(FatClass $fat): int
    {
        return match ($fat) {
            FatClass::Lean => 12,
            FatClass::Medium => 6,
            FatClass::Oily => 3,
        };
    }

    /** The best-before day of what went in; a month without that day ends on its last. */
    public static function bestBefore(FatClass $fat, DateTimeImmutable $frozen): DateTimeImmutable
    {
        $first = $frozen->setTime(0, 0)->modify('first day of +'.self::months($fat).' months');

        return $first->setDate(
            (int) $first->format('Y'),
            (int) $first->format('n'),
            min((int) $frozen->format('j'), (int) $first->format('t')),
        );
    }
}
