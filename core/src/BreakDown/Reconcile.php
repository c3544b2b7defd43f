<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Normal;

/**
 * Do the weights of a fish add up, and if not, which reading is the wrong one?
 *
 * The most likely true masses are the least-squares solution over the whole cut tree: readings within half a step of
 * the scale, process loss of every cut near its usual share, pieces near their expected share where one is known. A
 * reading is suspected when leaving it out makes everything else agree far better.
 */
final readonly class Reconcile
{
    /** The chance, over all readings of a sound tree together, of suspecting any. */
    private const FALSE_ALARM = 0.01;

    /** Readings that explain the misfit this nearly as well as the best are suspected with it. */
    private const AS_GOOD_WITHIN = 2.0;

    /** Below this share of a reading's own information left over, nothing else says what its piece weighs. */
    private const UNDETERMINED = 1e-9;

    public static function of(CutTree $tree): Reconciliation
    {
        return (new self($tree))->answer();
    }

    /** @var list<float|null> grams */
    private array $readings;

    private function __construct(private CutTree $tree)
    {
        $this->readings = array_map(fn (CutPiece $piece): ?float => $piece->reading?->grams(), $tree->pieces);
    }

    private function answer(): Reconciliation
    {
        $solution = $this->rows($this->readings)->solve();
        $critical = $this->critical();
        $pieces = [];
        foreach ($this->tree->pieces as $i => $piece) {
            $variance = $solution->variances[$i];
            $pieces[] = new PieceEstimate(
                $piece->id,
                $solution->estimates[$i],
                $variance === null ? null : sqrt($variance),
            );
        }

        $left = $critical === null ? [] : $this->leftOut($solution);
        $suspects = $critical === null ? [] : $this->suspects($left, $critical);

        return new Reconciliation(
            $pieces,
            $solution->objective,
            $critical,
            $suspects,
            Closure::ofAll($this->tree, $solution->estimates),
            $suspects === [] || $left === [] ? null : Diagnosis::of($this->tree, $left),
        );
    }

    /** Šidák: 1 % over all readings together; null when nothing was weighed. */
    private function critical(): ?float
    {
        $n = count(array_filter($this->readings, is_float(...)));

        return $n === 0 ? null : Normal::chiSquaredExceededBy(1 - (1 - self::FALSE_ALARM) ** (1 / $n));
    }

    /** @param  list<float|null>  $readings */
    private function rows(array $readings): LeastSquares
    {
        $pieces = $this->tree->pieces;
        $sizes = $this->sizes($readings);
        $rows = new LeastSquares(count($pieces));
        foreach ($pieces as $i => $piece) {
            if (($readings[$i] ?? null) !== null) {
                $rows->row([$i], [1.0], $readings[$i], $piece->resolution->grams() / 2);
            }
            if ($sizes[$i] <= 0) {
                continue;
            }
            $children = $this->tree->children[$i];
            if ($children !== []) {
                $rows->row(
                    [$i, ...$children],
                    [1.0, ...array_fill(0, count($children), -1.0)],
                    ($this->tree->loss->meanPct / 100) * $sizes[$i],
                    ($this->tree->loss->sdPct / 100) * $sizes[$i],
                );
            }
            foreach ($children as $child) {
                $share = $pieces[$child]->expected;
                if ($share !== null) {
                    $rows->row([$child, $i], [1.0, -$share->meanPct / 100], 0.0, ($share->sdPct / 100) * $sizes[$i]);
                }
            }
        }

        return $rows;
    }

    /**
     * How big each piece is, for the spread of its rows: its reading, else what its children weigh, else its expected
     * share of what it was cut from.
     *
     * @param  list<float|null>  $readings
     * @return array<int, float>
     */
    private function sizes(array $readings): array
    {
        $order = [$this->tree->root, ...$this->tree->below($this->tree->root)];
        $sizes = [];
        foreach (array_reverse($order) as $i) {
            $sizes[$i] =
                $readings[$i] ??
                array_sum(array_map(fn (int $child): float => $sizes[$child], $this->tree->children[$i]));
        }
        foreach ($order as $i) {
            $parent = $this->tree->parents[$i];
            if ($sizes[$i] <= 0 && $parent !== null) {
                $sizes[$i] = (($this->tree->pieces[$i]->expected->meanPct ?? 0.0) / 100) * $sizes[$parent];
            }
        }

        return $sizes;
    }

    /** @return array<int, LeftOut> by place in the tree, where the rest says something of the piece */
    private function leftOut(LeastSquaresSolution $solution): array
    {
        $left = [];
        foreach ($this->readings as $i => $reading) {
            $without = $reading === null ? null : $this->without($i, $reading, $solution);
            if ($without !== null) {
                $left[$i] = $without;
            }
        }

        return $left;
    }

    /**
     * @param  array<int, LeftOut>  $left
     * @return list<Suspect>
     */
    private function suspects(array $left, float $critical): array
    {
        if ($left === []) {
            return [];
        }
        $most = max(array_map(fn (LeftOut $l): float => $l->drop, $left));
        if ($most <= $critical) {
            return [];
        }
        $suspects = [];
        foreach ($left as $i => $without) {
            $reading = $this->tree->pieces[$i]->reading;
            if ($without->drop >= $most - self::AS_GOOD_WITHIN && $reading !== null) {
                $bias = $reading->grams() - $without->estimate;
                $suspects[] = new Suspect(
                    $this->tree->pieces[$i]->id,
                    $bias,
                    $without->estimate,
                    $without->drop,
                    Explanation::all($this->tree, $i, $reading, $bias, $without),
                );
            }
        }
        usort($suspects, fn (Suspect $a, Suspect $b): int => [$b->drop, $a->id] <=> [$a->drop, $b->id]);

        return $suspects;
    }

    /**
     * The fish as it would stand had this reading not been taken; null when nothing else says what the piece weighs.
     *
     * Where the reading only stands in its own row, this follows from its residual and leverage. Where it also sets the
     * spread of other rows (a piece that was cut, or lies under one that was not weighed), all is solved again.
     */
    private function without(int $i, float $reading, LeastSquaresSolution $solution): ?LeftOut
    {
        $sigma = $this->tree->pieces[$i]->resolution->grams() / 2;
        $estimate = $solution->estimates[$i] ?? $reading;
        $variance = $solution->variances[$i] ?? $sigma ** 2;
        $free = 1 - $variance / $sigma ** 2;
        if ($free < self::UNDETERMINED) {
            return null;
        }
        if ($this->standsAlone($i)) {
            $residual = ($reading - $estimate) / $sigma;

            return new LeftOut(
                $residual ** 2 / $free,
                $reading - ($reading - $estimate) / $free,
                sqrt($variance / $free),
            );
        }
        $readings = $this->readings;
        $readings[$i] = null;
        $other = $this->rows(array_values($readings))->solve();

        return ($other->estimates[$i] ?? null) === null || ($other->variances[$i] ?? null) === null
            ? null
            : new LeftOut(
                $solution->objective - $other->objective,
                $other->estimates[$i],
                sqrt($other->variances[$i]),
            );
    }

    private function standsAlone(int $i): bool
    {
        if ($this->tree->children[$i] !== []) {
            return false;
        }
        $parent = $this->tree->parents[$i];

        return $parent !== null && $this->readings[$parent] !== null;
    }
}
