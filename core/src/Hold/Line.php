<?php

declare(strict_types=1);

namespace Sectum\Hold;

/**
 * What one probe said, straight between its readings; a longer silence than allowed breaks it into runs.
 *
 * All questions are answered for the warmest the probe can have meant: its accuracy is added to every reading.
 */
final readonly class Line
{
    /** @param  list<non-empty-list<Point>>  $runs  each without a break, in order of time */
    private function __construct(public array $runs)
    {
    }

    /**
     * @param  list<Point>  $points  in any order; of two at one minute the warmer counts
     * @param  float  $maxGap  minutes; exactly so long is no silence yet
     * @param  float  $more  added to every reading, °C
     */
    public static function of(array $points, float $maxGap, float $more): self
    {
        usort($points, fn (Point $a, Point $b): int => [$a->minute, $b->celsius] <=> [$b->minute, $a->celsius]);
        $runs = [];
        $last = null;
        foreach ($points as $point) {
            if ($last !== null && $point->minute === $last->minute) {
                continue;
            }
            if ($last === null || $point->minute - $last->minute > $maxGap) {
                $runs[] = [];
            }
            $last = $point;
            $runs[count($runs) - 1][] = $point->warmerBy($more);
        }

        return new self(array_values(array_filter($runs, fn (array $run): bool => $run !== [])));
    }

    public function last(): ?Point
    {
        $run = $this->runs === [] ? [] : $this->runs[count($this->runs) - 1];

        return $run === [] ? null : $run[count($run) - 1];
    }

    public function first(): ?Point
    {
        return $this->runs[0][0] ?? null;
    }

    /** The warmest reading; −INF without any. */
    public function warmest(): float
    {
        return max([-INF, ...array_map(fn (Point $point): float => $point->celsius, array_merge(...$this->runs))]);
    }

    /** Minutes of silence between two runs. */
    public function silentMinutes(): float
    {
        $silent = 0.0;
        for ($i = 1; $i < count($this->runs); $i++) {
            $before = $this->runs[$i - 1];
            $silent += $this->runs[$i][0]->minute - $before[count($before) - 1]->minute;
        }

        return $silent;
    }

    /** Minutes above a temperature, within the runs. */
    public function minutesAbove(float $celsius): float
    {
        $above = 0.0;
        foreach ($this->runs as $run) {
            for ($i = 1; $i < count($run); $i++) {
                $long = $run[$i]->minute - $run[$i - 1]->minute;
                [$from, $to] = [$run[$i - 1]->celsius - $celsius, $run[$i]->celsius - $celsius];
                $above += match (true) {
                    $from > 0 && $to > 0 => $long,
                    $from <= 0 && $to <= 0 => 0.0,
                    default => ($long * max($from, $to)) / abs($to - $from),
                };
            }
        }

        return $above;
    }

    /**
     * Stretches at or below a temperature, each wholly on this line, from a moment on and up to another.
     *
     * @return list<Stretch>
     */
    public function below(float $celsius, float $from, float $to): array
    {
        $stretches = [];
        foreach ($this->runs as $run) {
            $start = null;
            foreach ($run as $i => $point) {
                $before = $run[$i - 1] ?? null;
                if ($point->celsius <= $celsius) {
                    $start ??= $before === null ? $point->minute : self::crossing($before, $point, $celsius);
                } elseif ($start !== null && $before !== null) {
                    $stretches[] = new Stretch($start, self::crossing($before, $point, $celsius));
                    $start = null;
                }
            }
            if ($start !== null) {
                $stretches[] = new Stretch($start, $run[count($run) - 1]->minute);
            }
        }
        $within = [];
        foreach ($stretches as $one) {
            [$begin, $end] = [max($from, $one->from), min($to, $one->to)];
            if ($end >= $begin) {
                $within[] = new Stretch($begin, $end);
            }
        }

        return $within;
    }

    /** The first moment from another on at which it is known to be at or below a temperature; null when never. */
    public function firstBelow(float $celsius, float $from): ?float
    {
        return $this->below($celsius, $from, INF)[0]->from ?? null;
    }

    /**
     * The first rise above a temperature after a moment: from when it may have been above, to when it is known to be.
     * Both are the crossing; where it was seen above only after a silence, they are the silence's begin and its end.
     * Null when it stayed below.
     */
    public function risesAbove(float $celsius, float $after): ?Stretch
    {
        $last = null;
        foreach ($this->runs as $run) {
            foreach ($run as $i => $point) {
                $before = $run[$i - 1] ?? null;
                if ($point->celsius > $celsius && $point->minute > $after) {
                    $known = $before === null ? $point->minute : self::crossing($before, $point, $celsius);

                    return new Stretch(max($after, $before === null ? $last ?? $known : $known), max($after, $known));
                }
                $last = $point->minute;
            }
        }

        return null;
    }

    /**
     * The earliest moment it can have come down to a temperature after it was seen above; null when it was not seen
     * above since, or never came down.
     */
    public function comesDownTo(float $celsius, float $since): ?float
    {
        $above = null;
        foreach ($this->runs as $run) {
            foreach ($run as $i => $point) {
                $before = $run[$i - 1] ?? null;
                if ($point->minute < $since) {
                    continue;
                }
                if ($point->celsius > $celsius) {
                    $above = $point->minute;
                } elseif ($above !== null) {
                    // After a silence nobody knows when: as early as it can be.
                    return $before === null ? $above : max($above, self::crossing($before, $point, $celsius));
                } elseif ($before !== null && $before->minute < $since && $before->celsius > $celsius) {
                    // It was above when it went in, and came down before the next reading.
                    $at = self::crossing($before, $point, $celsius);
                    if ($at > $since) {
                        return $at;
                    }
                }
            }
        }

        return null;
    }

    private static function crossing(Point $from, Point $to, float $celsius): float
    {
        if ($from->celsius === $to->celsius || ($from->celsius <= $celsius && $to->celsius <= $celsius)) {
            return $from->minute;
        }
        $share = ($celsius - $from->celsius) / ($to->celsius - $from->celsius);

        return $from->minute + max(0.0, min(1.0, $share)) * ($to->minute - $from->minute);
    }
}
