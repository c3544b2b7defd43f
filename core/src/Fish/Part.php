<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** The parts a fish comes apart into, under the names a fish kitchen uses. */
enum Part: string
{
    case Whole = 'whole';
    case Head = 'head';
    case Collar = 'collar';
    case Gills = 'gills';
    case Guts = 'guts';
    case Roe = 'roe';
    case Scales = 'scales';
    case Fins = 'fins';
    case Frame = 'frame';
    case Bones = 'bones';
    case Fillets = 'fillets';
    case Fillet = 'fillet';
    case Side = 'side';
    case SideA = 'side-a';
    case SideB = 'side-b';
    case EyedSide = 'eyed-side';
    case BlindSide = 'blind-side';
    case Loin = 'loin';
    case LoinA = 'loin-a';
    case LoinB = 'loin-b';
    case BackLoin = 'back-loin';
    case BellyLoin = 'belly-loin';
    case Steaks = 'steaks';
    case Cheeks = 'cheeks';
    case Liver = 'liver';
    case Frill = 'frill';
    case Membrane = 'membrane';
    case Ribs = 'ribs';
    case PinBones = 'pin-bones';
    case Belly = 'belly';
    case DarkMuscle = 'dark-muscle';
    case Skin = 'skin';
    case Scrapings = 'scrapings';
    case Trim = 'trim';
    case Ends = 'ends';
    case TailEnd = 'tail-end';
    case Portion = 'portion';

    /** As it is said at the board. */
    public function spoken(): string
    {
        return match ($this) {
            self::Whole => 'Whole fish',
            self::SideA => 'Side A',
            self::SideB => 'Side B',
            self::LoinA => 'Loin A',
            self::LoinB => 'Loin B',
            self::BackLoin => 'Back loin',
            self::BellyLoin => 'Belly loin',
            self::EyedSide => 'Eyed side',
            self::BlindSide => 'Blind side',
            self::Frill => 'Fin strip',
            self::PinBones => 'Pin-bone strip',
            self::DarkMuscle => 'Dark muscle',
            self::Ends => 'Squared-off end',
            self::TailEnd => 'Tail end',
            self::Head,
            self::Collar,
            self::Gills,
            self::Guts,
            self::Roe,
            self::Scales,
            self::Fins,
            self::Frame,
            self::Bones,
            self::Fillets,
            self::Fillet,
            self::Side,
            self::Loin,
            self::Steaks,
            self::Cheeks,
            self::Liver,
            self::Membrane,
            self::Ribs,
            self::Belly,
            self::Skin,
            self::Scrapings,
            self::Trim,
            self::Portion => ucfirst($this->value),
        };
    }

    /** The family a part belongs to until someone routes it. */
    public function family(): Family
    {
        return match ($this) {
            self::Portion,
            self::Whole,
            self::Fillets,
            self::Fillet,
            self::Side,
            self::SideA,
            self::SideB,
            self::EyedSide,
            self::BlindSide,
            self::Loin,
            self::LoinA,
            self::LoinB,
            self::BackLoin,
            self::BellyLoin,
            self::Steaks => Family::Portion,
            self::Roe,
            self::Liver,
            self::Cheeks,
            self::Belly,
            self::Frill,
            self::Collar,
            self::Scrapings,
            self::Trim,
            self::Ends,
            self::TailEnd => Family::Usable,
            self::Head, self::Frame, self::Bones, self::Fins, self::Ribs, self::PinBones, self::Skin => Family::Stock,
            self::Gills, self::Guts, self::Scales, self::Membrane, self::DarkMuscle => Family::Discard,
        };
    }

    /** The rung of the ladder the fish stands on once this part is off; null for what stays to the end. */
    public function leavesAt(): ?Rung
    {
        return match ($this) {
            self::Guts, self::Gills, self::Roe, self::Liver, self::Scales => Rung::Gutted,
            self::Head, self::Collar, self::Cheeks => Rung::Headless,
            self::Frame, self::Bones, self::Fins, self::Scrapings, self::Membrane => Rung::Fillets,
            self::Ribs, self::PinBones, self::Belly, self::DarkMuscle, self::Frill, self::Trim => Rung::Trimmed,
            self::Skin => Rung::Skinned,
            self::Ends, self::TailEnd => Rung::Portions,
            self::Whole,
            self::Fillets,
            self::Fillet,
            self::Side,
            self::SideA,
            self::SideB,
            self::EyedSide,
            self::BlindSide,
            self::Loin,
            self::LoinA,
            self::LoinB,
            self::BackLoin,
            self::BellyLoin,
            self::Steaks,
            self::Portion => null,
        };
    }

    /** Whether it is flesh off the frame that portions are cut from. */
    public function isFillet(): bool
    {
        return match ($this) {
            self::Fillets,
            self::Fillet,
            self::Side,
            self::SideA,
            self::SideB,
            self::EyedSide,
            self::BlindSide,
            self::Loin,
            self::LoinA,
            self::LoinB,
            self::BackLoin,
            self::BellyLoin,
            self::Steaks => true,
            self::Whole,
            self::Head,
            self::Collar,
            self::Gills,
            self::Guts,
            self::Roe,
            self::Scales,
            self::Fins,
            self::Frame,
            self::Bones,
            self::Cheeks,
            self::Liver,
            self::Frill,
            self::Membrane,
            self::Ribs,
            self::PinBones,
            self::Belly,
            self::DarkMuscle,
            self::Skin,
            self::Scrapings,
            self::Trim,
            self::Ends,
            self::TailEnd,
            self::Portion => false,
        };
    }

    /**
     * Whether, once a fillet lies on the board, this is taken to come off the fillet and not off the fish; trim may be
     * either.
     */
    public function comesOffAFillet(): bool
    {
        return match ($this) {
            self::Trim => false,
            self::Portion => true,
            self::Whole,
            self::Head,
            self::Collar,
            self::Gills,
            self::Guts,
            self::Roe,
            self::Scales,
            self::Fins,
            self::Frame,
            self::Bones,
            self::Fillets,
            self::Fillet,
            self::Side,
            self::SideA,
            self::SideB,
            self::EyedSide,
            self::BlindSide,
            self::Loin,
            self::LoinA,
            self::LoinB,
            self::BackLoin,
            self::BellyLoin,
            self::Steaks,
            self::Cheeks,
            self::Liver,
            self::Frill,
            self::Membrane,
            self::Ribs,
            self::PinBones,
            self::Belly,
            self::DarkMuscle,
            self::Skin,
            self::Scrapings,
            self::Ends,
            self::TailEnd => in_array($this->leavesAt(), [Rung::Trimmed, Rung::Skinned, Rung::Portions], true),
        };
    }
}
