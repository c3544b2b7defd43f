<?php

declare(strict_types=1);

namespace Sectum\Portion;

/**
 * The most valuable order of pieces at their targets along a fillet.
 *
 * Where a piece lies depends only on how much was cut before it, so the search over masses is exact.
 */
final readonly class BestOrder
{
    private const EXACT_MG = 1000;

    private const HAIR = 1e-7;

    /** Ways in which a fillet can be cut up to some place that are still held in memory. */
    private const MOST_WAYS = 150_000;

    /**
     * The most valuable order of kinds at their targets, by places in the list.
     *
     * A state is the mass cut so far with how often each limited kind was used, the latter as one number with a digit a
     * kind.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @return list<int>
     */
    public static function of(FilletOnBoard $fillet, array $kinds, float $trimPerKg): array
    {
        $end = $fillet->availableGrams() * self::EXACT_MG + self::HAIR;
        $steps = [];
        $digit = 1;
        foreach ($kinds as $i => $kind) {
            $mass = (int) round($kind->targetGrams * self::EXACT_MG);
            $limited = $kind->max !== null && $kind->max * $mass < $end;
            $steps[] = [
                $i,
                $kind,
                $mass,
                $kind->value - ($trimPerKg * $kind->targetGrams) / 1000,
                $limited ? $digit : 0,
                (int) $kind->max,
            ];
            $digit *= $limited ? $kind->max + 1 : 1;
        }
        /** @var array<int, array<int, array{float, int, int}>> $reached by mass, then use: gain, use before, kind */
        $reached = [0 => [0 => [0.0, 0, 0]]];
        /** @var \SplMinHeap<int> $open */
        $open = new \SplMinHeap();
        $open->insert(0);
        $best = [0.0, 0, 0];
        $ways = 1;
        while (! $open->isEmpty()) {
            $cut = $open->extract();
            foreach ($reached[$cut] ?? [] as $used => [$gain]) {
                if ($gain > $best[0] + self::HAIR) {
                    $best = [$gain, $cut, $used];
                }
            }
            foreach ($steps as [$i, $kind, $mass, $more, $digit, $max]) {
                $next = $cut + $mass;
                if ($next > $end || ! self::suits($fillet, $kind, $cut / self::EXACT_MG, $next / self::EXACT_MG)) {
                    continue;
                }
                foreach ($reached[$cut] ?? [] as $used => [$gain]) {
                    if ($digit > 0 && intdiv($used, $digit) % ($max + 1) === $max) {
                        continue;
                    }
                    if (! isset($reached[$next])) {
                        $open->insert($next);
                    }
                    $then = $reached[$next][$used + $digit] ?? null;
                    if ($then === null && ++$ways > self::MOST_WAYS) {
                        throw new BadFillet(
                            'These kinds can follow one another in too many ways on a fillet of this size. Ask '.
                                'for fewer kinds, or limit how many of each.',
                            count($kinds),
                            '/kinds',
                        );
                    }
                    if ($then === null || $then[0] < $gain + $more - self::HAIR) {
                        $reached[$next][$used + $digit] = [$gain + $more, $used, $i];
                    }
                }
            }
        }
        $order = [];
        [, $cut, $used] = $best;
        while ($cut > 0 && isset($reached[$cut][$used])) {
            [, $used, $i] = $reached[$cut][$used];
            $order[] = $i;
            $cut -= $steps[$i][2];
        }

        return array_reverse($order);
    }

    /** Whether a piece between two masses behind the squared head may be of a kind: its thickness and its place. */
    public static function suits(FilletOnBoard $fillet, Kind $kind, float $from, float $to): bool
    {
        $mm = $fillet->thickness($fillet->squareHeadGrams + $from, $fillet->squareHeadGrams + $to);

        return $kind->suits($mm->thin + self::HAIR, $mm->thick - self::HAIR) &&
            (($kind->fromShare === null && $kind->toShare === null) ||
                $kind->reaches(
                    $fillet->shareOfLength($fillet->squareHeadGrams + $from),
                    $fillet->shareOfLength($fillet->squareHeadGrams + $to),
                ));
    }
}
