<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

/** One fillet cut for the most, when so much of each kind comes from the others. */
final readonly class Filling
{
    /**
     * @param  array<int, int>  $made  by kind, from all other fillets
     * @return list<int> counts by kind
     */
    public static function of(Problem $problem, int $room, array $made): array
    {
        $most = array_fill(0, $room + 1, 0.0);
        $taken = [];
        foreach ($problem->sizes as $kind => $size) {
            $missing = max(0, $problem->needs[$kind] - $made[$kind]);
            $taken[$kind] =
                $missing === 0 || $missing >= intdiv($room, $size)
                    ? self::alike($most, $size, $missing === 0 ? $problem->beyond[$kind] : $problem->gains[$kind])
                    : self::running(
                        $most,
                        $size,
                        fn (int $n): float => $problem->gain($kind, $made[$kind] + $n) -
                            $problem->gain($kind, $made[$kind]),
                    );
        }
        $counts = [];
        for ($kind = count($problem->sizes) - 1; $kind >= 0; $kind--) {
            $counts[$kind] = $taken[$kind][$room];
            $room -= $counts[$kind] * $problem->sizes[$kind];
        }
        ksort($counts);

        return array_values($counts);
    }

    /**
     * Every piece of the kind gains the same.
     *
     * @param  array<int, float>  $most  by room, what the kinds before gain
     * @return array<int, int> pieces taken, by room
     */
    private static function alike(array &$most, int $size, float $gain): array
    {
        $taken = array_fill(0, count($most), 0);
        if ($gain <= 0) {
            return $taken;
        }
        for ($c = $size; $c < count($most); $c++) {
            if ($most[$c - $size] + $gain > $most[$c] + 1e-12) {
                $most[$c] = $most[$c - $size] + $gain;
                $taken[$c] = $taken[$c - $size] + 1;
            }
        }

        return $taken;
    }

    /**
     * What is wanted runs out within this fillet.
     *
     * @param  array<int, float>  $most
     * @param  callable(int): float  $gain  of so many
     * @return array<int, int>
     */
    private static function running(array &$most, int $size, callable $gain): array
    {
        $gains = [];
        for ($n = 0; $n * $size < count($most); $n++) {
            $gains[] = $gain($n);
        }
        $before = $most;
        $taken = array_fill(0, count($most), 0);
        foreach ($before as $c => $value) {
            foreach ($gains as $n => $more) {
                if ($n * $size > $c) {
                    break;
                }
                $with = $before[$c - $n * $size] + $more;
                if ($with > $value + 1e-12) {
                    $value = $with;
                    $taken[$c] = $n;
                }
            }
            $most[$c] = $value;
        }

        return $taken;
    }
}
