<?php

declare(strict_types=1);

namespace Sectum\Practise\Sort;

use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;
use Sectum\Route\Destinations;
use Sectum\Route\Leftover;
use Sectum\Route\Ways;

/**
 * Parts, each to its bin, by the rules of the house.
 *
 * The bin the kitchen would send it to scores full; another it may go to half; what is food thrown away, or sent where
 * it may not go, nothing.
 */
final readonly class SortDrill
{
    public const PARTS = 10;

    private const ALLOWED = 0.5;

    private const GIVEN = [
        Part::Head,
        Part::Frame,
        Part::Skin,
        Part::Collar,
        Part::Belly,
        Part::Roe,
        Part::Liver,
        Part::Scrapings,
        Part::Trim,
        Part::TailEnd,
        Part::DarkMuscle,
        Part::PinBones,
        Part::Guts,
        Part::Gills,
        Part::Cheeks,
        Part::Fins,
    ];

    /** @param  non-empty-list<Sorted>  $parts */
    private function __construct(public array $parts)
    {
    }

    /**
     * @param  list<Hazard>  $hazards  of the species
     * @param  list<Part>  $prized  parts its species is known for
     */
    public static function drawn(
        Dice $dice,
        FatClass $fat,
        array $hazards,
        array $prized,
        Ways $ways,
    ): self {
        $dice = $dice->for('bins');
        $parts = [];
        foreach (array_slice($dice->shuffled(self::GIVEN), 0, self::PARTS) as $part) {
            $leftover = new Leftover(
                $part,
                $fat,
                Mass::ofGrams($dice->whole(4, 60) * 5),
                $hazards,
                $part === Part::Skin ? $dice->happens(0.6) : null,
                in_array($part, $prized, true),
                $dice->happens(0.5) ? null : 'Raw service is closed to this fish.',
                $dice->happens(0.75),
                $dice->happens(0.08),
                $part === Part::Roe && $dice->happens(0.4),
            );
            $parts[] = new Sorted($leftover, Destinations::of($leftover, $ways));
        }

        return new self($parts);
    }

    /**
     * @param  list<Bin>  $answers  one a part, in their order
     *
     * @throws BadDrill when one is missing
     */
    public function judged(array $answers): SortResult
    {
        count($answers) === count($this->parts) ||
            throw new BadDrill('Send every part to a bin.', count($answers), '/bins');
        $points = array_map(fn (Sorted $part, Bin $bin): float => self::pointsOf($part, $bin), $this->parts, $answers);

        return new SortResult((100 * array_sum($points)) / count($points), $points);
    }

    private static function pointsOf(Sorted $part, Bin $bin): float
    {
        return match (true) {
            $part->to->first() === $bin => 1.0,
            $bin === Bin::Discard, $part->to->to($bin)?->allowed !== true => 0.0,
            default => self::ALLOWED,
        };
    }

    /** What somebody scores who sends each part to any bin. */
    public function byChance(): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part) {
            $each = array_map(fn (Bin $bin): float => self::pointsOf($part, $bin), Bin::cases());
            $sum += array_sum($each) / count($each);
        }

        return (100 * $sum) / count($this->parts);
    }
}
