<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** How a fish is built, which decides what comes off it and how it is drawn. */
enum BodyForm: string
{
    /** Two fillets off one frame: most fish. */
    case Round = 'round';
    /** Eyed side and blind side off one flat frame. */
    case Flat = 'flat';
    /** Mostly sold as a tail, whole too: two loins off one central cartilage. */
    case Tail = 'tail';

    /** Into how many fillets one fish comes apart. */
    public function fillets(): int
    {
        return match ($this) {
            self::Flat => 4,
            self::Round, self::Tail => 2,
        };
    }

    /** How a fillet of it tapers, by the name of its starting shape. */
    public function shape(): string
    {
        return match ($this) {
            self::Round => 'long-side',
            self::Flat => 'flat-quarter',
            self::Tail => 'tapered-tail',
        };
    }

    /**
     * The three weights of a hurried kitchen, after the whole fish: what is eaten, what may be, what is left.
     *
     * @return list<Part>
     */
    public function quickParts(): array
    {
        return [Part::Fillets, Part::Trim, Part::Bones];
    }

    /**
     * Every part that can be weighed on its own, in the order it comes off on the board.
     *
     * @return list<Part>
     */
    public function parts(): array
    {
        return match ($this) {
            self::Round => [
                Part::Head,
                Part::Collar,
                Part::Guts,
                Part::SideA,
                Part::SideB,
                Part::Frame,
                Part::Belly,
                Part::Skin,
                Part::Trim,
                Part::Gills,
                Part::Roe,
                Part::Fins,
                Part::Scales,
                Part::Ribs,
                Part::PinBones,
                Part::DarkMuscle,
                Part::Scrapings,
                Part::BackLoin,
                Part::BellyLoin,
                Part::Steaks,
                Part::Cheeks,
                Part::Liver,
            ],
            self::Flat => [
                Part::Head,
                Part::Collar,
                Part::Guts,
                Part::EyedSide,
                Part::BlindSide,
                Part::Frame,
                Part::Frill,
                Part::Skin,
                Part::Trim,
                Part::Gills,
                Part::Roe,
                Part::Fins,
                Part::Scrapings,
                Part::Fillet,
                Part::Scales,
                Part::Cheeks,
                Part::Liver,
            ],
            self::Tail => [
                Part::Head,
                Part::Collar,
                Part::Guts,
                Part::Skin,
                Part::Membrane,
                Part::Fins,
                Part::LoinA,
                Part::LoinB,
                Part::Frame,
                Part::DarkMuscle,
                Part::Trim,
                Part::Scrapings,
                Part::Liver,
                Part::Gills,
                Part::Roe,
                Part::Cheeks,
            ],
        };
    }

    /** @return list<StateBought> how fish built like this come to the door */
    public function states(): array
    {
        return match ($this) {
            self::Round => [
                StateBought::Round,
                StateBought::Gutted,
                StateBought::GuttedAndScaled,
                StateBought::Headless,
                StateBought::Side,
                StateBought::BoneInSide,
            ],
            self::Flat => [
                StateBought::Round,
                StateBought::Gutted,
                StateBought::GuttedAndScaled,
                StateBought::Headless,
                StateBought::Side,
            ],
            self::Tail => [StateBought::Round, StateBought::Gutted, StateBought::Tail],
        };
    }
}
