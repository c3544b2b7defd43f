<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** A delivery held against its order: what is short or over, came instead, is of another size, or has another price. */
final readonly class OrderMatch
{
    /**
     * Lines of one kind are looked at together. Prices are told by what each line weighs; a kind that was ordered in
     * two grades is of another size when it lies beyond both.
     *
     * @param  list<OrderedLine>  $ordered
     * @param  list<CameLine>  $came
     * @return list<MatchGap> kind by kind, in the order they were ordered
     */
    public static function gaps(array $ordered, array $came): array
    {
        $wanted = $there = [];
        foreach ($ordered as $line) {
            $wanted[$line->species][] = $line;
        }
        foreach ($came as $line) {
            $there[$line->species][] = $line;
        }
        $others = array_keys(array_diff_key($there, $wanted));
        $gaps = [];
        foreach ($wanted as $species => $lines) {
            $fish = (float) array_sum(array_map(fn (OrderedLine $one): int => $one->fish, $lines));
            if (isset($there[$species])) {
                array_push($gaps, ...self::ofKind($species, $fish, $lines, $there[$species]));

                continue;
            }
            $instead = array_shift($others);
            $gaps[] = $instead === null
                ? new MatchGap(MatchKind::NotCome, $species, $fish, 0.0)
                : new MatchGap(MatchKind::Substitute, $species, $fish, self::fish($there[$instead]), $instead);
        }
        foreach ($others as $species) {
            $gaps[] = new MatchGap(MatchKind::NotOrdered, $species, 0.0, self::fish($there[$species]));
        }

        return $gaps;
    }

    /**
     * @param  non-empty-list<OrderedLine>  $ordered
     * @param  non-empty-list<CameLine>  $came
     * @return list<MatchGap>
     */
    private static function ofKind(string $species, float $fish, array $ordered, array $came): array
    {
        $gaps = [];
        $there = self::fish($came);
        if ($there !== $fish) {
            $gaps[] = new MatchGap($there < $fish ? MatchKind::Short : MatchKind::Over, $species, $fish, $there);
        }
        $milligrams = array_sum(array_map(fn (CameLine $one): int => $one->milligrams, $came));
        if ($milligrams > 0 && $there > 0) {
            $each = $milligrams / 1000 / $there;
            $from = min(array_map(fn (OrderedLine $one): int => $one->fromGrams, $ordered));
            $to = max(array_map(fn (OrderedLine $one): int => $one->toGrams, $ordered));
            if ($each < $from || $each > $to) {
                $gaps[] = $each < $from
                    ? new MatchGap(MatchKind::Lighter, $species, $from, $each)
                    : new MatchGap(MatchKind::Heavier, $species, $to, $each);
            }
        }
        $price = array_sum(array_map(fn (OrderedLine $one): int => $one->fish * $one->minorPerKg, $ordered)) / $fish;
        $priced = array_values(array_filter($came, fn (CameLine $one): bool => $one->minorPerKg !== null));
        if ($priced !== []) {
            $weights = array_map(fn (CameLine $one): int => max(1, $one->milligrams), $priced);
            $asked = 0.0;
            foreach ($priced as $i => $one) {
                $asked += (($one->minorPerKg ?? 0.0) * $weights[$i]) / array_sum($weights);
            }
            if (abs($asked - $price) >= 0.5) {
                $kind = $asked > $price ? MatchKind::Dearer : MatchKind::Cheaper;
                $gaps[] = new MatchGap($kind, $species, $price, $asked);
            }
        }

        return $gaps;
    }

    /** @param  list<CameLine>  $came */
    private static function fish(array $came): float
    {
        return (float) array_sum(array_map(fn (CameLine $one): int => $one->fish, $came));
    }
}
