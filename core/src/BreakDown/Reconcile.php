<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Math\Normal;

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
        $solution = new TreeSolution($this->tree, $this->readings);
        $critical = $this->critical();
        $pieces = [];
        $estimates = [];
        foreach ($this->tree->pieces as $i => $piece) {
            $variance = $solution->variance($i);
            $estimates[] = $solution->mass($i);
            $pieces[] = new PieceEstimate(
                $piece->id,
                $solution->mass($i),
                $variance === null ? null : sqrt($variance),
            );
        }

        $left = $critical === null ? [] : $this->leftOut($solution);
        $suspects = $critical === null ? [] : $this->suspects($left, $critical);

        return new Reconciliation(
            $pieces,
            $solution->objective(),
            $critical,
            $suspects,
            Closure::ofAll($this->tree, $estimates),
            $suspects === [] || $left === [] ? null : Diagnosis::of($this->tree, $left),
        );
    }

    /** Šidák: 1 % over all readings together; null when nothing was weighed. */
    private function critical(): ?float
    {
        $n = count(array_filter($this->readings, is_float(...)));

        return $n === 0 ? null : Normal::chiSquaredExceededBy(1 - (1 - self::FALSE_ALARM) ** (1 / $n));
    }

    /** @return array<int, LeftOut> by place in the tree, where the rest says something of the piece */
    private function leftOut(TreeSolution $solution): array
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
     * spread of other rows (a piece that was cut, or lies under one that was not weighed), those cuts are solved again.
     */
    private function without(int $i, float $reading, TreeSolution $solution): ?LeftOut
    {
        $sigma = $this->tree->pieces[$i]->resolution->grams() / 2;
        $estimate = $solution->mass($i) ?? $reading;
        $variance = $solution->variance($i) ?? $sigma ** 2;
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
        $rest = $solution->without($i);

        return $rest->saysNothing()
            ? null
            : new LeftOut($solution->objective() - $rest->misfit, $rest->mean, sqrt(1 / $rest->precision));
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
