<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use Sectum\BreakDown\CutTree;
use Sectum\Math\LeastSquares;

/**
 * Every row of a cut tree in one system, solved by brute force: what the tree's own elimination is measured against.
 */
final readonly class AllAtOnce
{
    public function __construct(private CutTree $tree)
    {
    }

    /** @param  list<float|null>  $readings */
    public function rows(array $readings): LeastSquares
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
}
