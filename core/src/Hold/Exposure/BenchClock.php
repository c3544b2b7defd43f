<?php

declare(strict_types=1);

namespace Sectum\Hold\Exposure;

use Sectum\Hold\HoldLimits;
use Sectum\Hold\Point;

/**
 * How long fish has been out of the cold, and what that means: for histamine species by the cumulative limits of the
 * FDA hazards guide, which nobody can override; for other fish by the house's limits, at a time and in all.
 *
 * While it is out it counts as warm as the kitchen: it warms more slowly than that, and nobody measured by how much. A
 * kitchen nobody measured counts as above 21 °C.
 */
final readonly class BenchClock
{
    /** A kitchen nobody measured, °C: hot. */
    private const UNKNOWN_C = 25.0;

    /** Readings as often as this, minutes, so that no silence is made up. */
    private const EVERY = 30.0;

    private function __construct(
        public Verdict $verdict,
        /** minutes of this time out; 0 while it is in the cold */
        public float $thisTime,
        public float $inAll,
        public float $limit,
        public float $left,
        /** whether the limit is the histamine's, which nobody releases */
        public bool $histamine,
    ) {
    }

    /**
     * @param  list<TimeOut>  $times  in order
     * @param  bool  $isOut  whether the last of them still lasts
     */
    public static function of(array $times, bool $isOut, bool $histamine, HoldLimits $limits): self
    {
        $inAll = array_sum(array_map(fn (TimeOut $one): float => $one->minutes(), $times));
        $last = $times === [] ? null : $times[count($times) - 1];
        $thisTime = $isOut && $last !== null ? $last->minutes() : 0.0;
        if ($histamine) {
            return self::histamine($times, $thisTime);
        }
        $longest = max([0.0, ...array_map(fn (TimeOut $one): float => $one->minutes(), $times)]);
        $left = max(0.0, min($limits->outOnceMinutes - $thisTime, $limits->outAllMinutes - $inAll));

        return new self(
            match (true) {
                $inAll >= $limits->outAllMinutes => Verdict::Stop,
                $longest >= $limits->outOnceMinutes || $inAll >= 0.75 * $limits->outAllMinutes => Verdict::Warn,
                default => Verdict::Within,
            },
            $thisTime,
            $inAll,
            $limits->outAllMinutes,
            $left,
            false,
        );
    }

    /** @param  list<TimeOut>  $times */
    private static function histamine(array $times, float $thisTime): self
    {
        // Each time by itself: between them it was in the cold.
        [$warm, $hot] = [0.0, false];
        $all = null;
        foreach ($times as $time) {
            $celsius = $time->roomC ?? self::UNKNOWN_C;
            $log = [new Point($time->from, $celsius)];
            for ($at = $time->from + self::EVERY; $at < $time->to; $at += self::EVERY) {
                $log[] = new Point($at, $celsius);
            }
            $log[] = new Point($time->to, $celsius);
            $all = Exposure::of($log, before: $warm, beforeHot: $hot);
            $warm = $all->minutesAbove;
            $hot = $hot || $celsius + 0.5 > 21.0;
        }
        $all ??= Exposure::of([]);

        return new self(
            $all->verdict,
            $thisTime,
            $all->minutesAbove,
            $all->limitMinutes,
            $all->leftMinutes,
            true,
        );
    }

    /**
     * How many fish may be out at once so that none of them is out too long while the others are cut.
     *
     * @param  float  $each  minutes one takes at this board, above 0
     * @param  float  $allowed  minutes one may be out at a time, above 0
     * @return int 1 or more
     */
    public static function atOnce(float $each, float $allowed): int
    {
        return max(1, (int) floor($allowed / $each + 1e-9));
    }
}
