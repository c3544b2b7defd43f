<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** What has to be known about a kind of fish before it is bought, cut or served. */
enum Hazard: string
{
    /** Worms that raw, marinated or lightly cured flesh passes on. */
    case Parasites = 'parasites';
    /** Forms histamine when warm; cooking does not undo it. */
    case Histamine = 'histamine';
    /** Large reef fish may carry ciguatera. */
    case Ciguatera = 'ciguatera';
    /** Wax esters or oil that purge. */
    case Purging = 'purging';
    case Freshwater = 'freshwater';
    /** Raw blood or organs are poisonous. */
    case Toxin = 'toxin';

    /** The caution a kitchen reads, at Plan and at Receive. */
    public function caution(): string
    {
        return match ($this) {
            self::Parasites => 'Raw or lightly cured only with a freezing record or farmed-feed papers.',
            self::Histamine => 'Refused warm, whatever it looks like: cooking does not undo histamine.',
            self::Ciguatera => 'Large reef fish: ask where it was caught; neither taste nor heat tells.',
            self::Purging => 'Its oil purges: small portions, and say so on the menu.',
            self::Freshwater => 'Freshwater fish raw only after the freezing your rule set asks for.',
            self::Toxin => 'Its raw blood is poisonous: wear gloves, cook it through.',
        };
    }
}
