<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** What had been done to the fish when it was bought. */
enum StateBought: string
{
    /** Ungutted. */
    case Round = 'round';
    case Gutted = 'gutted';
    case GuttedAndScaled = 'gutted and scaled';
    case Headless = 'headless';
    case Side = 'side';
    case Tail = 'tail';

    /**
     * Parts that left the fish before it was bought, so nobody weighs them here.
     *
     * @return list<Part>
     */
    public function alreadyOff(): array
    {
        return match ($this) {
            self::Round => [],
            self::Gutted => [Part::Guts, Part::Gills],
            self::GuttedAndScaled => [Part::Guts, Part::Gills, Part::Scales],
            self::Headless, self::Tail => [Part::Guts, Part::Gills, Part::Head, Part::Collar],
            self::Side => [
                Part::Guts,
                Part::Gills,
                Part::Head,
                Part::Collar,
                Part::Frame,
                Part::Fins,
                Part::Roe,
                Part::SideB,
                Part::BlindSide,
                Part::LoinB,
            ],
        };
    }
}
