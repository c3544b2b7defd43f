<?php

declare(strict_types=1);

namespace Sectum\Hold\Places;

use Sectum\Hold\Point;

/**
 * A time a place was out of its limits: from the first reading beyond them to the first that was back within.
 *
 * A door that is opened is no fault: what lasts less than the house's patience is left out, unless somebody looked and
 * typed it.
 */
final readonly class OutOfRange
{
    private function __construct(
        public Range $how,
        public float $from,
        /** null while it lasts */
        public ?float $to,
        /** The furthest from the limit, °C */
        public float $worst,
    ) {
    }

    /**
     * @param  list<Point>  $readings  in order of time
     * @param  list<float>  $typed  minutes at which a person read it
     * @param  float  $patience  minutes it may last before it counts; 0 or more
     * @return list<self> in order; only the last can still last
     */
    public static function all(array $readings, PlaceLimits $limits, array $typed = [], float $patience = 20.0): array
    {
        $all = [];
        $runs = self::alike($readings, $limits);
        foreach ($runs as $i => $run) {
            $how = $limits->judge($run[0]->celsius);
            if ($how === Range::Within) {
                continue;
            }
            $to = ($runs[$i + 1][0] ?? null)?->minute;
            $celsius = array_map(fn (Point $one): float => $one->celsius, $run);
            $looked = array_filter($run, fn (Point $one): bool => in_array($one->minute, $typed, true)) !== [];
            if ($looked || ($to ?? $run[count($run) - 1]->minute) - $run[0]->minute >= $patience) {
                $all[] = new self($how, $run[0]->minute, $to, $how === Range::TooWarm ? max($celsius) : min($celsius));
            }
        }

        return $all;
    }

    /**
     * @param  list<Point>  $readings
     * @return list<non-empty-list<Point>> those that follow one another and are within, too warm or too cold alike
     */
    private static function alike(array $readings, PlaceLimits $limits): array
    {
        $runs = [];
        $before = null;
        foreach ($readings as $reading) {
            $range = $limits->judge($reading->celsius);
            if ($range === $before) {
                $runs[count($runs) - 1][] = $reading;
            } else {
                $runs[] = [$reading];
            }
            $before = $range;
        }

        return $runs;
    }
}
