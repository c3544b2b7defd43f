<?php

declare(strict_types=1);

namespace Sectum\Practise\Next;

/**
 * What next: Leitner's boxes (S. Leitner, "So lernt man lernen", 1972). An item begins in the first box; answered well
 * it moves on by one, else it goes back to the first; each box waits twice as long as the one before.
 */
final readonly class Boxes
{
    /** Days an item waits in each box. */
    public const DAYS = [1, 2, 4, 8, 16];

    /** Percent from which an answer counts as well. Estimate. */
    public const WELL = 80.0;

    /** In which box an item lies, from 1; 0 when it was never practised. */
    public static function box(Item $item): int
    {
        $box = 0;
        foreach ($item->done as $one) {
            $box = $one->scorePct >= self::WELL ? min(count(self::DAYS), $box + 1) : 1;
        }

        return $box;
    }

    /** The day an item is due; null when it was never practised. */
    public static function due(Item $item): ?int
    {
        $last = $item->done[count($item->done) - 1] ?? null;

        return $last === null ? null : $last->day + self::DAYS[max(0, self::box($item) - 1)];
    }

    /**
     * What is practised on a day: what is due, the weakest box and the longest overdue first, then what was never
     * practised, until the minutes are full. A skill comes a second time only when every other one had its turn.
     *
     * @param  list<Item>  $items
     * @param  int  $minutes  somebody has for it
     * @return list<Item>
     */
    public static function today(array $items, int $day, int $minutes): array
    {
        $due = array_filter($items, fn (Item $item): bool => (self::due($item) ?? $day) <= $day);
        $rank = fn (Item $item): array => $item->done === []
            ? [1, 0, 0]
            : [0, self::box($item), self::due($item) ?? $day];
        $due = array_values($due);
        usort($due, fn (Item $a, Item $b): int => $rank($a) <=> $rank($b));
        $turn = [];
        $inTurn = [];
        foreach ($due as $i => $item) {
            $turn[$item->skill->value] = ($turn[$item->skill->value] ?? 0) + 1;
            $inTurn[] = [$turn[$item->skill->value], $i, $item];
        }
        usort($inTurn, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        $today = [];
        foreach ($inTurn as [, , $item]) {
            if ($item->skill->minutes() <= $minutes) {
                $minutes -= $item->skill->minutes();
                $today[] = $item;
            }
        }

        return $today;
    }
}
