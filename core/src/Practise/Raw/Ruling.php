<?php

declare(strict_types=1);

namespace Sectum\Practise\Raw;

use Sectum\Sentence;

/** Why a dish may be served, or may not, by the rules for fish served raw. */
enum Ruling: string implements Sentence
{
    case Cooked = 'cooked';
    case Frozen = 'frozen';
    case FarmedFeed = 'farmed-feed';
    case SupplierFroze = 'supplier-froze';
    case ExemptTuna = 'exempt-tuna';
    case NoEvidence = 'no-evidence';
    case TooWarm = 'too-warm';
    case TooShort = 'too-short';
    case Broken = 'broken';
    case NoCore = 'no-core';

    public function allows(): bool
    {
        return match ($this) {
            self::Cooked, self::Frozen, self::FarmedFeed, self::SupplierFroze, self::ExemptTuna => true,
            self::NoEvidence, self::TooWarm, self::TooShort, self::Broken, self::NoCore => false,
        };
    }

    /** Whether it is read off a record of the house's freezer. */
    public function isOfARecord(): bool
    {
        return match ($this) {
            self::Frozen, self::TooWarm, self::TooShort, self::Broken, self::NoCore => true,
            self::Cooked, self::FarmedFeed, self::SupplierFroze, self::ExemptTuna, self::NoEvidence => false,
        };
    }
}
