<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** Where a part goes that is not a portion. */
enum Bin: string
{
    case Stock = 'stock';
    case Soup = 'soup';
    case Mince = 'mince';
    case Tartare = 'tartare';
    case Cure = 'cure';
    case Grill = 'grill';
    case Crisp = 'crisp';
    case Roe = 'roe';
    case Discard = 'discard';

    public function spoken(): string
    {
        return match ($this) {
            self::Stock => 'White stock',
            self::Soup => 'Single-species soup',
            self::Cure => 'Light cure',
            self::Crisp => 'Crisp skin',
            self::Mince,
            self::Tartare,
            self::Grill,
            self::Roe,
            self::Discard => ucfirst($this->value),
        };
    }

    public function family(): Family
    {
        return match ($this) {
            self::Stock, self::Soup => Family::Stock,
            self::Mince, self::Tartare, self::Cure, self::Grill, self::Crisp, self::Roe => Family::Usable,
            self::Discard => Family::Discard,
        };
    }

    /** Whether what lies in it is eaten without having been cooked through. */
    public function isServedRaw(): bool
    {
        return $this === self::Tartare || $this === self::Cure;
    }
}
