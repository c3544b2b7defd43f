<?php

declare(strict_types=1);

namespace Sectum\Hold\Thaw;

use Sectum\Hold\Freezing\Wrap;

/** Drip of what was frozen in one place and wrapped one way: how much, how much it varies, and of how many. */
final readonly class DripBy
{
    /**
     * @param  int  $count  1 or more
     * @param  float  $meanPct  of the weight before
     * @param  float|null  $sdPct  one standard deviation; null of a single one
     */
    private function __construct(
        public string $place,
        public Wrap $wrap,
        public int $count,
        public float $meanPct,
        public ?float $sdPct,
    ) {
    }

    /**
     * @param  list<DripSeen>  $seen
     * @return list<self> the least drip first
     */
    public static function all(array $seen): array
    {
        $groups = [];
        foreach ($seen as $one) {
            $groups["{$one->place}\n{$one->wrap->value}"][] = $one;
        }
        $all = [];
        foreach ($groups as $group) {
            $pct = array_map(fn (DripSeen $one): float => $one->pct, $group);
            $n = count($pct);
            $mean = array_sum($pct) / $n;
            $squares = array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $pct));
            $all[] = new self(
                $group[0]->place,
                $group[0]->wrap,
                $n,
                $mean,
                $n > 1 ? sqrt($squares / ($n - 1)) : null,
            );
        }
        usort($all, fn (self $a, self $b): int => $a->meanPct <=> $b->meanPct);

        return $all;
    }
}
