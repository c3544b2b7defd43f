<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

/** What is done to fish between the board and the plate, without heat but for smoke. None of it replaces freezing. */
enum TreatmentKind: string
{
    case TimedBrine = 'timed-brine';
    case EvenBrine = 'even-brine';
    case DrySalt = 'dry-salt';
    case Cure = 'cure';
    case AcidDip = 'acid-dip';
    case Marinade = 'marinade';
    case Dry = 'dry';
    /** Recorded only: how long, and what it weighed. */
    case Smoke = 'smoke';

    /** Whether salt is dissolved in water for it. */
    public function isBrine(): bool
    {
        return match ($this) {
            self::TimedBrine, self::EvenBrine => true,
            self::DrySalt, self::Cure, self::AcidDip, self::Marinade, self::Dry, self::Smoke => false,
        };
    }

    /** Whether salt is strewn by the weight of the fish. */
    public function isStrewn(): bool
    {
        return match ($this) {
            self::DrySalt, self::Cure => true,
            self::TimedBrine,
            self::EvenBrine,
            self::AcidDip,
            self::Marinade,
            self::Dry,
            self::Smoke => false,
        };
    }
}
