<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

/**
 * Two kinds cut anew from several fillets at once, everything else staying: the best there is, exactly.
 *
 * For every count of the one kind the most of the other that still fits is found fillet by fillet.
 */
final readonly class Exchange
{
    /** Steps a single exchange may take; more is not tried. */
    private const MOST_STEPS = 20_000_000;

    /** Whether it can be worked out for all fillets at once. */
    public static function canDoAll(Problem $problem): bool
    {
        $each = array_map(fn (int $room): int => intdiv($room, $problem->sizes[0]) + 1, $problem->rooms);

        return array_sum($each) * array_sum($each) <= self::MOST_STEPS;
    }

    /**
     * @param  list<list<int>>  $counts  by fillet, by kind
     * @param  list<int>  $among  the fillets
     * @return list<list<int>>
     */
    public static function of(Problem $problem, array $counts, array $among, int $one, int $other): array
    {
        $made = $problem->made($counts);
        [$size, $otherSize] = [$problem->sizes[$one], $problem->sizes[$other]];
        $rooms = [];
        $elsewhere = [$made[$one], $made[$other]];
        foreach ($among as $fillet) {
            $room = $problem->rooms[$fillet];
            foreach ($counts[$fillet] as $kind => $count) {
                $room -= $kind === $one || $kind === $other ? 0 : $count * $problem->sizes[$kind];
            }
            $rooms[$fillet] = $room;
            $elsewhere[0] -= $counts[$fillet][$one];
            $elsewhere[1] -= $counts[$fillet][$other];
        }
        $most = [0];
        $taken = [];
        foreach ($rooms as $fillet => $room) {
            $fits = [];
            for ($n = 0; $n * $size <= $room; $n++) {
                $fits[] = intdiv($room - $n * $size, $otherSize);
            }
            $next = array_fill(0, count($most) + count($fits) - 1, -1);
            $take = $next;
            foreach ($most as $x => $y) {
                foreach ($fits as $n => $more) {
                    if ($y + $more > $next[$x + $n]) {
                        $next[$x + $n] = $y + $more;
                        $take[$x + $n] = $n;
                    }
                }
            }
            $most = $next;
            $taken[$fillet] = $take;
        }
        $best = -INF;
        [$x, $y] = [0, 0];
        foreach ($most as $n => $atMost) {
            $m = max($elsewhere[1], $problem->best($other, $elsewhere[1] + $atMost));
            $gain = $problem->gain($one, $elsewhere[0] + $n) + $problem->gain($other, $m);
            if ($gain > $best + 1e-9) {
                [$best, $x, $y] = [$gain, $n, $m - $elsewhere[1]];
            }
        }
        foreach (array_reverse($rooms, true) as $fillet => $room) {
            $n = max(0, $taken[$fillet][$x]);
            $x -= $n;
            $m = min($y, intdiv($room - $n * $size, $otherSize));
            $y -= $m;
            $counts[$fillet] = array_values(array_replace($counts[$fillet], [$one => $n, $other => $m]));
        }

        return $counts;
    }
}
