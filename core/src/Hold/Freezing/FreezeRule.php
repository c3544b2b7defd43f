<?php

declare(strict_types=1);

namespace Sectum\Hold\Freezing;

use Sectum\Sentence;

/**
 * What a rule set asks of fish served raw, marinated or lightly cured: FDA Food Code 3-402.11, EU 853/2004 Annex III.
 */
enum FreezeRule: string implements Sentence
{
    case Fda20For168h = 'fda-20-168h';
    case Eu20For24h = 'eu-20-24h';
    case Eu35For15h = 'eu-35-15h';
    case Fda35For15h = 'fda-35-15h';
    case Fda35Then20For24h = 'fda-35-20-24h';

    public function neededMinutes(): float
    {
        return match ($this) {
            self::Fda20For168h => 10_080.0,
            self::Eu20For24h, self::Fda35Then20For24h => 1_440.0,
            self::Eu35For15h, self::Fda35For15h => 900.0,
        };
    }

    /** How cold it is held, °C. */
    public function celsius(): float
    {
        return match ($this) {
            self::Fda20For168h, self::Eu20For24h, self::Fda35Then20For24h => -20.0,
            self::Eu35For15h, self::Fda35For15h => -35.0,
        };
    }

    /** Whether only the core of the fish counts, at the thickest point of the largest. */
    public function ofTheCore(): bool
    {
        return match ($this) {
            self::Eu20For24h, self::Eu35For15h => true,
            self::Fda20For168h, self::Fda35For15h, self::Fda35Then20For24h => false,
        };
    }

    /** Whether it is frozen solid in air of −35 °C first, and counts from then. */
    public function fromSolid(): bool
    {
        return match ($this) {
            self::Fda35For15h, self::Fda35Then20For24h => true,
            self::Fda20For168h, self::Eu20For24h, self::Eu35For15h => false,
        };
    }
}
