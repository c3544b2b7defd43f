<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Message;

/**
 * Where does the next cut go? The best counts and order of portions of a fillet, from the head end without gaps.
 *
 * Where a piece lies depends only on how much was cut before it, so the search is exact: over the masses cut so far
 * when every piece is at its target, and over counts, best first, when pieces may shrink. Among all that fit the
 * greatest value of portions plus trim wins; of equals the one that shrinks least.
 */
final readonly class PortionPlan
{
    private const EXACT_MG = 1000;

    private const HAIR = 1e-7;

    /** How finely sharing is tried when thickness stands in the way of all of it. */
    private const SHARINGS = 64;

    /** Pieces of one fillet: beyond this nobody cuts portions. */
    public const MOST_PIECES = 1_000;

    /** Ways in which a fillet can be cut up to some place that are still held in memory. */
    private const MOST_WAYS = 150_000;

    /**
     * @param  array<string, int>  $counts  by kind
     * @param  list<PlannedPiece>  $pieces
     * @param  float  $shrink  fraction of its own "minus" by which every piece is lighter, 0 to 1
     * @param  float  $grow  fraction of its own "plus" by which every piece is heavier, 0 to 1
     * @param  list<Message>  $stoppedBy  why no more fit, one a kind
     */
    private function __construct(
        public FilletOnBoard $fillet,
        public array $counts,
        public float $value,
        public float $leftOverGrams,
        public float $shrink,
        public float $grow,
        public array $pieces,
        public array $stoppedBy,
    ) {
    }

    /**
     * Each piece at its target.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  float  $trimPerKg  what a kilo of everything else is worth, 0 or more
     */
    public static function exact(FilletOnBoard $fillet, array $kinds, float $trimPerKg): self
    {
        self::mustBeCuttable($fillet, $kinds);

        return self::laid($fillet, $kinds, self::bestOrder($fillet, $kinds, $trimPerKg), 0.0, $trimPerKg);
    }

    /**
     * Pieces may shrink, all by one fraction of their own "minus", just enough to fit the count in.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  float  $trimPerKg  what a kilo of everything else is worth, 0 or more
     */
    public static function fit(FilletOnBoard $fillet, array $kinds, float $trimPerKg): self
    {
        $best = self::exact($fillet, $kinds, $trimPerKg);
        // Once pieces shrink they take all there is: the trim is what it is, and only the portions' value counts.
        $trim = ($trimPerKg / 1000) * ($fillet->massGrams - $fillet->availableGrams());
        $order = array_keys($kinds);
        $worth = fn (int $i): float => $kinds[$i]->value / ($kinds[$i]->targetGrams - $kinds[$i]->minusGrams);
        usort($order, fn (int $a, int $b): int => $worth($b) <=> $worth($a));
        $within = array_map(fn (Kind $kind): float => $fillet->gramsWithin($kind->minMm, $kind->maxMm), $kinds);
        /**
         * @var list<array{int, array<int, int>, float, float, float}> $stack kinds decided, counts, value, grams at the
         *     least, grams at target
         */
        $stack = [[0, array_fill(0, count($kinds), 0), 0.0, 0.0, 0.0]];
        while ($stack !== []) {
            [$depth, $counts, $value, $least, $target] = array_pop($stack);
            $room = $fillet->availableGrams() - $least;
            if ($depth === count($order)) {
                if ($target > $fillet->availableGrams() + self::HAIR && $value + $trim > $best->value + self::HAIR) {
                    $shrink = min(1.0, ($target - $fillet->availableGrams()) / ($target - $least));
                    $sequence = self::crowds($kinds, $within, $counts, $shrink)
                        ? null
                        : self::sequence($fillet, $kinds, $counts, $shrink);
                    $best = $sequence === null ? $best : self::laid($fillet, $kinds, $sequence, $shrink, $trimPerKg);
                }

                continue;
            }
            $i = $order[$depth];
            $kind = $kinds[$i];
            if ($value + max(0.0, $room) * $worth($i) + $trim <= $best->value + self::HAIR) {
                continue;
            }
            $each = $kind->targetGrams - $kind->minusGrams;
            $most = min($kind->max ?? PHP_INT_MAX, (int) floor((min($room, $within[$i]) + self::HAIR) / $each));
            for ($n = 0; $n <= $most; $n++) {
                $counts[$i] = $n;
                $stack[] = [
                    $depth + 1,
                    $counts,
                    $value + $n * $kind->value,
                    $least + $n * $each,
                    $target + $n * $kind->targetGrams,
                ];
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Kind>  $kinds
     *
     * @throws BadFillet when so many of a kind would come of it that nobody cuts them
     */
    private static function mustBeCuttable(FilletOnBoard $fillet, array $kinds): void
    {
        foreach ($kinds as $i => $kind) {
            if (
                $fillet->availableGrams() / ($kind->targetGrams - $kind->minusGrams) > self::MOST_PIECES &&
                ($kind->max ?? PHP_INT_MAX) > self::MOST_PIECES
            ) {
                throw new BadFillet(
                    'More than '.
                        self::MOST_PIECES.
                        ' of these would come of this fillet: check the weights, or enter how many are wanted at most.',
                    $kind->targetGrams,
                    "/kinds/{$i}/target_g",
                );
            }
        }
    }

    /**
     * The other school: counts as for pieces at their targets, and what is left over before the tail cut shared among
     * them, all by one fraction of their own "plus".
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  float  $trimPerKg  what a kilo of everything else is worth, 0 or more
     */
    public static function evenShare(FilletOnBoard $fillet, array $kinds, float $trimPerKg): self
    {
        self::mustBeCuttable($fillet, $kinds);
        $order = self::bestOrder($fillet, $kinds, $trimPerKg);
        $targets = array_sum(array_map(fn (int $i): float => $kinds[$i]->targetGrams, $order));
        $more = array_sum(array_map(fn (int $i): float => $kinds[$i]->plusGrams, $order));
        $most = $more > 0 ? min(1.0, max(0.0, $fillet->availableGrams() - $targets) / $more) : 0.0;
        for ($step = self::SHARINGS; $step > 0; $step--) {
            $grow = ($most * $step) / self::SHARINGS;
            if (self::allSuit($fillet, $kinds, $order, $grow)) {
                return self::laid($fillet, $kinds, $order, 0.0, $trimPerKg, $grow);
            }
        }

        return self::laid($fillet, $kinds, $order, 0.0, $trimPerKg);
    }

    /**
     * @param  non-empty-list<Kind>  $kinds
     * @param  list<int>  $order
     */
    private static function allSuit(FilletOnBoard $fillet, array $kinds, array $order, float $grow): bool
    {
        $at = 0.0;
        foreach ($order as $i) {
            $end = $at + $kinds[$i]->targetGrams + $grow * $kinds[$i]->plusGrams;
            if (! self::suits($fillet, $kinds[$i], $at, $end)) {
                return false;
            }
            $at = $end;
        }

        return $at <= $fillet->availableGrams() + self::HAIR;
    }

    /**
     * Whether the pieces that ask for some thickness have more mass than is that thick: then no order can be found.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  array<int, float>  $within  grams of the fillet each kind may lie on
     * @param  array<int, int>  $counts
     */
    private static function crowds(array $kinds, array $within, array $counts, float $shrink): bool
    {
        foreach ($kinds as $i => $asking) {
            $mass = 0.0;
            foreach ($kinds as $j => $kind) {
                $inside =
                    ($kind->minMm ?? 0) >= ($asking->minMm ?? 0) && ($kind->maxMm ?? INF) <= ($asking->maxMm ?? INF);
                $mass += $inside ? $counts[$j] * ($kind->targetGrams - $shrink * $kind->minusGrams) : 0.0;
            }
            if ($mass > $within[$i] + self::HAIR) {
                return true;
            }
        }

        return false;
    }

    /**
     * The most valuable order of kinds at their targets, by places in the list.
     *
     * A state is the mass cut so far with how often each limited kind was used, the latter as one number with a digit a
     * kind.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @return list<int>
     */
    private static function bestOrder(FilletOnBoard $fillet, array $kinds, float $trimPerKg): array
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

    /**
     * An order in which these counts suit where they come to lie; null when there is none.
     *
     * @param  non-empty-list<Kind>  $kinds
     * @param  array<int, int>  $left  still to cut, by place of the kind
     * @param  array<string, true>  $failed  counts known to have no order from here on
     * @return list<int>|null
     */
    private static function sequence(
        FilletOnBoard $fillet,
        array $kinds,
        array $left,
        float $shrink,
        float $cut = 0.0,
        array &$failed = [],
    ): ?array {
        $key = implode(',', $left);
        if (isset($failed[$key])) {
            return null;
        }
        if (array_sum($left) === 0) {
            return [];
        }
        foreach ($kinds as $i => $kind) {
            $end = $cut + $kind->targetGrams - $shrink * $kind->minusGrams;
            if (($left[$i] ?? 0) === 0 || ! self::suits($fillet, $kind, $cut, $end)) {
                continue;
            }
            $rest = self::sequence(
                $fillet,
                $kinds,
                array_replace($left, [$i => $left[$i] - 1]),
                $shrink,
                $end,
                $failed,
            );
            if ($rest !== null) {
                return [$i, ...$rest];
            }
        }
        $failed[$key] = true;

        return null;
    }

    private static function suits(FilletOnBoard $fillet, Kind $kind, float $from, float $to): bool
    {
        $mm = $fillet->thickness($fillet->squareHeadGrams + $from, $fillet->squareHeadGrams + $to);

        return $kind->suits($mm->thin + self::HAIR, $mm->thick - self::HAIR) &&
            (($kind->fromShare === null && $kind->toShare === null) ||
                $kind->reaches(
                    $fillet->shareOfLength($fillet->squareHeadGrams + $from),
                    $fillet->shareOfLength($fillet->squareHeadGrams + $to),
                ));
    }

    /**
     * @param  non-empty-list<Kind>  $kinds
     * @param  list<int>  $order
     */
    private static function laid(
        FilletOnBoard $fillet,
        array $kinds,
        array $order,
        float $shrink,
        float $trimPerKg,
        float $grow = 0.0,
    ): self {
        $at = $fillet->squareHeadGrams;
        $value = 0.0;
        $pieces = [];
        $counts = array_fill_keys(array_map(fn (Kind $kind): string => $kind->id, $kinds), 0);
        foreach ($order as $i) {
            $mass = $kinds[$i]->targetGrams - $shrink * $kinds[$i]->minusGrams + $grow * $kinds[$i]->plusGrams;
            $mm = $fillet->thickness($at, $at + $mass);
            $pieces[] = new PlannedPiece(
                $kinds[$i]->id,
                $fillet->cm($at),
                $fillet->cm($at + $mass),
                $mass,
                $mm->thin,
                $mm->thick,
            );
            $counts[$kinds[$i]->id]++;
            $value += $kinds[$i]->value;
            $at += $mass;
        }
        $leftOver = $fillet->massGrams - ($at - $fillet->squareHeadGrams);

        return new self(
            $fillet,
            $counts,
            $value + ($trimPerKg * $leftOver) / 1000,
            $leftOver,
            $shrink,
            $grow,
            $pieces,
            array_map(
                fn (Kind $kind): Message => NextOne::stopped($fillet, $kind, $counts[$kind->id], $at),
                $kinds,
            ),
        );
    }
}
