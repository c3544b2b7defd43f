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
    private const HAIR = 1e-7;

    /** How finely sharing is tried when thickness stands in the way of all of it. */
    private const SHARINGS = 64;

    /** Pieces of one fillet: beyond this nobody cuts portions. */
    public const MOST_PIECES = 1_000;

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

        return self::laid($fillet, $kinds, BestOrder::of($fillet, $kinds, $trimPerKg), 0.0, $trimPerKg);
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
     * This plan, and what another gives of the same fillet farther on; the stretch between goes to no dish.
     *
     * @param  self  $late  of the same fillet, its squared head reaching to where that one begins
     * @param  float  $trimPerKg  what a kilo of everything else is worth, 0 or more
     */
    public function then(self $late, float $trimPerKg): self
    {
        $at = $this->pieces === []
            ? $this->fillet->squareHeadGrams
            : $this->fillet->gramsUpTo($this->pieces[count($this->pieces) - 1]->toCm);
        $to = $late->fillet->squareHeadGrams;
        $mm = $this->fillet->thickness($at, $to);
        $between = $to > $at + self::HAIR
            ? [new PlannedPiece('', $this->fillet->cm($at), $this->fillet->cm($to), $to - $at, $mm->thin, $mm->thick)]
            : [];
        $leftOver = $this->leftOverGrams + $late->leftOverGrams - $this->fillet->massGrams;
        $trim = fn (self $plan): float => ($trimPerKg * $plan->leftOverGrams) / 1000;

        return new self(
            $this->fillet,
            [...$this->counts, ...$late->counts],
            $this->value - $trim($this) + $late->value - $trim($late) + ($trimPerKg * $leftOver) / 1000,
            $leftOver,
            max($this->shrink, $late->shrink),
            max($this->grow, $late->grow),
            [...$this->pieces, ...$between, ...$late->pieces],
            [...$this->stoppedBy, ...$late->stoppedBy],
        );
    }

    /** @return list<PlannedPiece> those that are for a dish: a stretch left between two is not */
    public function portions(): array
    {
        return array_values(array_filter($this->pieces, fn (PlannedPiece $piece): bool => $piece->kind !== ''));
    }

    /** Nothing cut of a fillet yet. */
    public static function none(FilletOnBoard $fillet, float $trimPerKg): self
    {
        return new self(
            $fillet,
            [],
            ($trimPerKg * $fillet->massGrams) / 1000,
            $fillet->massGrams,
            0.0,
            0.0,
            [],
            [],
        );
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
        $order = BestOrder::of($fillet, $kinds, $trimPerKg);
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
            if (! BestOrder::suits($fillet, $kinds[$i], $at, $end)) {
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
            if (($left[$i] ?? 0) === 0 || ! BestOrder::suits($fillet, $kind, $cut, $end)) {
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
