<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Message;

/** The portion that would come after the last: what stands in its way. */
final readonly class NextOne
{
    /** No house would widen a band beyond this share of the portion for one more. Our estimate. */
    private const WIDEST_BAND = 0.12;

    /** Less than a tenth of a milligram is rounding. */
    private const HAIR = 1e-7;

    /**
     * @param  int  $count  of the kind that are cut already
     * @param  float  $at  where the next would begin, grams from the head end
     */
    public static function stopped(FilletOnBoard $fillet, Kind $kind, int $count, float $at): Message
    {
        if ($kind->max !== null && $count >= $kind->max) {
            return self::by(PortionStop::Wanted, $kind, ['count' => $kind->max]);
        }
        $short = $at + $kind->targetGrams - $fillet->endGrams;
        if ($short > self::HAIR) {
            $each = $short / ($count + 1);
            $wide = $each <= self::WIDEST_BAND * $kind->targetGrams;

            return self::by($wide ? PortionStop::WiderBand : PortionStop::Short, $kind, [
                'short' => Mass::ofGrams(ceil($short)),
                ...$wide ? ['each' => Mass::ofGrams(ceil($each))] : [],
            ]);
        }
        $mm = $fillet->thickness($at, $at + $kind->targetGrams);

        return match (true) {
            ! $kind->reaches($fillet->shareOfLength($at), $fillet->shareOfLength($at + $kind->targetGrams)) => self::by(
                PortionStop::Stretch,
                $kind,
                [
                    'from' => Length::ofCm(round(($kind->fromShare ?? 0.0) * $fillet->lengthCm)),
                    'to' => Length::ofCm(round(($kind->toShare ?? 1.0) * $fillet->lengthCm)),
                ],
            ),
            $kind->minMm !== null && $mm->thin < $kind->minMm => self::by(PortionStop::TooThin, $kind, [
                'thin' => Length::ofMm(floor($mm->thin)),
                'least' => Length::ofMm($kind->minMm),
            ]),
            $kind->maxMm !== null && $mm->thick > $kind->maxMm => self::by(PortionStop::TooThick, $kind, [
                'thick' => Length::ofMm(ceil($mm->thick)),
                'most' => Length::ofMm($kind->maxMm),
            ]),
            $kind->minEvenness !== null && $mm->thin < $kind->minEvenness * $mm->thick => self::by(
                PortionStop::Uneven,
                $kind,
                ['thin' => Length::ofMm(floor($mm->thin)), 'thick' => Length::ofMm(ceil($mm->thick))],
            ),
            default => self::by(PortionStop::NotWorthIt, $kind),
        };
    }

    /** @param  array<string, Mass|Length|int>  $values */
    private static function by(PortionStop $stop, Kind $kind, array $values = []): Message
    {
        return new Message($stop, ['kind' => $kind->id, ...$values]);
    }
}
