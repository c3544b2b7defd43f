<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Fish\Part;
use Sectum\Fish\StateBought;

/**
 * What the supplier says was done to a fish, and the kitchen looks whether it was: scaled by a rub against the grain
 * and
 * the back of a knife, gutted by a look inside.
 */
enum SoldDone: string
{
    case Gutted = 'gutted';
    case Scaled = 'scaled';

    /** @return list<self> what a fish sold so is said to be */
    public static function claimedBy(StateBought $sold): array
    {
        return match ($sold) {
            StateBought::GuttedAndScaled => [self::Gutted, self::Scaled],
            StateBought::Gutted => [self::Gutted],
            StateBought::Round,
            StateBought::Headless,
            StateBought::Side,
            StateBought::BoneInSide,
            StateBought::Tail => [],
        };
    }

    /**
     * The state a fish is really in, so that the step that was not done comes back.
     *
     * @param  list<self>  $not  what was not done
     *
     * @throws BadGrade when it was not sold so
     */
    public static function really(StateBought $sold, array $not): StateBought
    {
        foreach ($not as $one) {
            in_array($one, self::claimedBy($sold), true) ||
                throw new BadGrade('It was not sold as that.', $one->value, '/not_done');
        }

        return match (true) {
            in_array(self::Gutted, $not, true) => StateBought::Round,
            in_array(self::Scaled, $not, true) => StateBought::Gutted,
            default => $sold,
        };
    }

    /** The kind of step that comes back. */
    public function action(): string
    {
        return match ($this) {
            self::Gutted => 'gut',
            self::Scaled => 'scale',
        };
    }

    /** @return list<Part> what it leaves to be weighed off */
    public function leaves(): array
    {
        return match ($this) {
            self::Gutted => [Part::Guts, Part::Gills],
            self::Scaled => [Part::Scales],
        };
    }
}
