<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Part;

/** What goes into a stock or a soup, and what never does. */
final readonly class Pots
{
    /** Parts that no pot ever sees, whatever the fish. */
    public static function neverBoiled(Part $part): ?RoutingReason
    {
        return match ($part) {
            Part::Guts, Part::Gills => RoutingReason::BitterGuts,
            Part::Liver => RoutingReason::BitterLiver,
            Part::Roe => RoutingReason::CloudyRoe,
            Part::DarkMuscle => RoutingReason::OldDarkMuscle,
            Part::Scales, Part::Membrane => RoutingReason::Grit,
            Part::Whole,
            Part::Head,
            Part::Collar,
            Part::Fins,
            Part::Frame,
            Part::Bones,
            Part::Fillets,
            Part::Fillet,
            Part::Side,
            Part::SideA,
            Part::SideB,
            Part::EyedSide,
            Part::BlindSide,
            Part::Loin,
            Part::LoinA,
            Part::LoinB,
            Part::BackLoin,
            Part::BellyLoin,
            Part::Steaks,
            Part::Cheeks,
            Part::Frill,
            Part::Ribs,
            Part::PinBones,
            Part::Belly,
            Part::Skin,
            Part::Scrapings,
            Part::Trim,
            Part::Ends,
            Part::TailEnd,
            Part::Portion => null,
        };
    }
}
