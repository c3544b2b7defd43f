<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Fish\StateBought;

/** What a cook smells, sees and feels on a fish that comes in. Each is graded 0 (as good as it gets) to 3. */
enum Attribute: string
{
    case Smell = 'smell';
    case Eyes = 'eyes';
    case Gills = 'gills';
    case Skin = 'skin';
    case Flesh = 'flesh';
    case Cavity = 'cavity';

    public const WORST = 3;

    /**
     * What a fish bought like this still shows: a headless one has no eyes and no gills.
     *
     * @return list<self>
     */
    public static function shownBy(StateBought $state): array
    {
        $gone = match ($state) {
            StateBought::Headless,
            StateBought::Side,
            StateBought::BoneInSide,
            StateBought::Tail => [self::Eyes, self::Gills],
            StateBought::Round,
            StateBought::Gutted,
            StateBought::GuttedAndScaled => [],
        };

        return array_values(
            array_filter(self::cases(), fn (self $attribute): bool => ! in_array($attribute, $gone, true)),
        );
    }

    public function spoken(): string
    {
        return match ($this) {
            self::Skin => 'Skin and slime',
            self::Cavity => 'Dark muscle and belly',
            self::Smell,
            self::Eyes,
            self::Gills,
            self::Flesh => ucfirst($this->value),
        };
    }

    /**
     * What each grade looks, smells or feels like, from 0 to 3.
     *
     * @return non-empty-list<string>
     */
    public function grades(): array
    {
        return match ($this) {
            self::Smell => [
                'Clean sea, cucumber, cut grass',
                'Faint: neither sea nor fish',
                'Fishy, harbour mud',
                'Sour or ammonia',
            ],
            self::Eyes => ['Full and clear, pupil black', 'Flat, a little dull', 'Cloudy, grey pupil', 'Sunken, milky'],
            self::Gills => [
                'Bright red or pink, clear slime',
                'Paler, slime turning',
                'Brown or purple, cloudy slime',
                'Grey or bleached, foul slime',
            ],
            self::Skin => [
                'Bright, slime like water',
                'Sheen going, slime cloudy',
                'Dull, slime milky',
                'Faded, slime yellow and thick',
            ],
            self::Flesh => [
                'Springs back at once',
                'Springs back slowly',
                'A dent fills half',
                'Dent stays, leaves the bone',
            ],
            self::Cavity => [
                'Muscle red, belly whole',
                'Muscle darker, belly whole',
                'Muscle brown, belly thin',
                'Belly burst, muscle green',
            ],
        };
    }

    /**
     * The same as a code each, from 0 to 3: by them a drawing is chosen where no grade may be told.
     *
     * @return non-empty-list<string>
     */
    public function looks(): array
    {
        return match ($this) {
            self::Smell => ['sea', 'faint', 'harbour', 'sour'],
            self::Eyes => ['full', 'flat', 'cloudy', 'sunken'],
            self::Gills => ['red', 'pale', 'brown', 'grey'],
            self::Skin => ['bright', 'fading', 'milky', 'yellow'],
            self::Flesh => ['springs', 'slow', 'half', 'dent'],
            self::Cavity => ['whole', 'darker', 'thin', 'burst'],
        };
    }

    /** Whether the worst grade of this one refuses the fish whatever the rest looks like. */
    public function isFatalAtWorst(): bool
    {
        return match ($this) {
            self::Smell, self::Gills, self::Flesh, self::Cavity => true,
            self::Eyes, self::Skin => false,
        };
    }
}
