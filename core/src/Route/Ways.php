<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Fish\Bin;
use Sectum\Fish\Part;

/** What kitchens do differently, each with a reason of its own; the head chef says how this one does it. */
final readonly class Ways
{
    /**
     * @param  bool  $keepsDarkMuscle  bright dark muscle goes into the mince; else it is thrown away
     * @param  bool  $skinsInStock  white skin goes into the stock first; else it is crisped where it can be
     * @param  bool  $grillsHeads  heads are split and grilled; else they go into the pot
     * @param  bool  $boilsCollars  collars go into the pot with the head; else they are grilled
     */
    public function __construct(
        public bool $keepsDarkMuscle = false,
        public bool $skinsInStock = false,
        public bool $grillsHeads = false,
        public bool $boilsCollars = false,
    ) {
    }

    /** Where the house sends such a part before it looks at anything else; null when it has no way of its own. */
    public function usual(Part $part): ?Bin
    {
        return match ($part) {
            Part::Skin => $this->skinsInStock ? Bin::Stock : Bin::Crisp,
            Part::Head => $this->grillsHeads ? Bin::Grill : Bin::Stock,
            Part::Collar => $this->boilsCollars ? Bin::Stock : Bin::Grill,
            Part::Whole,
            Part::Gills,
            Part::Guts,
            Part::Roe,
            Part::Scales,
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
            Part::Liver,
            Part::Frill,
            Part::Membrane,
            Part::Ribs,
            Part::PinBones,
            Part::Belly,
            Part::DarkMuscle,
            Part::Scrapings,
            Part::Trim,
            Part::Ends,
            Part::TailEnd,
            Part::Portion => null,
        };
    }
}
