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
    /** A side still on its half of the bone: how large fish are split for the market. */
    case BoneInSide = 'bone-in side';
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
            self::Headless => [...self::withTheHead(), Part::Guts, Part::Gills],
            self::Tail => [...self::withTheHead(), Part::Guts, Part::Gills, Part::Roe],
            self::Side => [...self::offASide(), Part::Collar, Part::Frame, Part::Scrapings],
            self::BoneInSide => self::offASide(),
        };
    }

    /** @return list<Part> */
    private static function withTheHead(): array
    {
        return [Part::Head, Part::Collar, Part::Cheeks, Part::Liver];
    }

    /** @return list<Part> what no side has, with its bone or without; one with its bone may keep its collar */
    private static function offASide(): array
    {
        return [
            Part::Guts,
            Part::Gills,
            Part::Liver,
            Part::Head,
            Part::Cheeks,
            Part::Fins,
            Part::Roe,
            Part::SideB,
            Part::BlindSide,
            Part::LoinB,
        ];
    }
}
