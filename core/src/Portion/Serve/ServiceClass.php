<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

/**
 * How a portion reaches the guest. By the rules for parasites all but the cooked one are raw fish: a cure, a brine, an
 * acid or a hot pan outside does not replace freezing (FDA Food Code 3-402.11, EU 853/2004 Annex III).
 */
enum ServiceClass: string
{
    case Raw = 'raw';
    case Seared = 'seared';
    case Marinated = 'marinated';
    case LightlyCured = 'lightly-cured';
    case Cured = 'cured';
    case Cooked = 'cooked';

    public function spoken(): string
    {
        return match ($this) {
            self::Seared => 'seared outside',
            self::LightlyCured => 'lightly cured',
            self::Raw, self::Marinated, self::Cured, self::Cooked => $this->value,
        };
    }

    /** Whether the rules for fish served raw apply to it. */
    public function isRawByTheRules(): bool
    {
        return $this !== self::Cooked;
    }

    /** What its label says of it; only the cooked one may tell to cook it through. */
    public function label(): LabelSays
    {
        return match ($this) {
            self::Raw => LabelSays::Raw,
            self::Seared => LabelSays::Seared,
            self::Marinated => LabelSays::Marinated,
            self::LightlyCured => LabelSays::LightlyCured,
            self::Cured => LabelSays::Cured,
            self::Cooked => LabelSays::Cooked,
        };
    }

    /** Share of its weight it loses on the way, percent: starting figures, estimates. */
    public function startingLossPct(): float
    {
        return match ($this) {
            self::Marinated => 1.0,
            self::LightlyCured => 6.0,
            self::Cured => 15.0,
            self::Raw, self::Seared, self::Cooked => 0.0,
        };
    }
}
