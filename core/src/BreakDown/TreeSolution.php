<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/**
 * The likeliest masses of a cut tree: once up it and once down, each cut eliminated by itself.
 *
 * The rows of a tree tie a piece to what came off it and to nothing else. So what a subtree says of its piece is one
 * number with its precision, and the whole takes time that grows with the number of pieces, where solving all rows
 * together grows with its cube.
 */
final class TreeSolution
{
    /** @var array<int, Belief> by place: the piece's reading, and what was cut from it */
    private array $up = [];

    /** @var array<int, Belief> by place: all the rest of the tree */
    private array $down = [];

    /** @var array<int, CutSystem> by place of the piece that was cut */
    private array $splits = [];

    /** @var array<int, float> grams */
    private array $sizes;

    /** @var array<int, float> */
    private array $masses = [];

    /** @param  list<float|null>  $readings  grams, by place */
    public function __construct(private readonly CutTree $tree, private readonly array $readings)
    {
        $this->sizes = $this->sizes($readings);
        $order = [$tree->root, ...$tree->below($tree->root)];
        foreach (array_reverse($order) as $i) {
            $said = $this->upTo($i, $readings[$i], $this->sizes[$i], $this->up);
            [$this->up[$i], $split] = [$said->belief, $said->cut];
            if ($split !== null) {
                $this->splits[$i] = $split;
            }
        }
        $this->down[$tree->root] = new Belief();
        $this->masses[$tree->root] = $this->up[$tree->root]->mean;
        foreach ($order as $i) {
            $this->goDown($i);
        }
    }

    /** The sum of squared residuals at the likeliest masses. */
    public function objective(): float
    {
        return $this->up[$this->tree->root]->misfit;
    }

    /** The likeliest mass, grams; null when nothing says what the piece weighs. */
    public function mass(int $place): ?float
    {
        return $this->variance($place) === null ? null : $this->masses[$place];
    }

    /** Its variance, g²; null likewise. */
    public function variance(int $place): ?float
    {
        $precision = $this->up[$place]->precision + $this->down[$place]->precision;

        return $precision > 0 ? 1 / $precision : null;
    }

    /**
     * What all else says of a piece, had its reading not been taken; with the misfit of all else.
     *
     * The reading also says how big the piece is, and with it each unweighed piece above: those cuts are worked out
     * anew,
     * and no others.
     */
    public function without(int $place): Belief
    {
        $readings = $this->readings;
        $readings[$place] = null;
        $sizes = $this->sizes($readings);
        $path = [$place];
        $top = $place;
        while ($this->tree->parents[$top] !== null && $readings[$this->tree->parents[$top]] === null) {
            $top = $this->tree->parents[$top];
            $path[] = $top;
        }
        $up = [];
        $splits = [];
        foreach ($path as $i) {
            foreach ($this->tree->children[$i] as $child) {
                $up[$child] ??= $this->resized($child, $readings, $sizes);
            }
            $said = $this->upTo($i, $readings[$i], $sizes[$i], $up);
            [$up[$i], $splits[$i]] = [$said->belief, $said->cut];
        }
        $down = $this->down[$top];
        foreach (array_reverse($path) as $k => $i) {
            if ($i === $place) {
                break;
            }
            $next = $path[count($path) - 2 - $k];
            $at = array_search($next, $this->tree->children[$i], true);
            $down =
                $splits[$i] === null || ! is_int($at)
                    ? new Belief(0.0, 0.0, $this->beside($i, $next, $up, $down))
                    : $splits[$i]->below($down)[$at];
        }

        return $up[$place]->and($down);
    }

    /**
     * What a piece and all below it say of its mass, from what its parts say.
     *
     * @param  array<int, Belief>  $up
     */
    private function upTo(int $place, ?float $reading, float $size, array $up): Upward
    {
        $sigma = $this->tree->pieces[$place]->resolution->grams() / 2;
        $belief = $reading === null ? new Belief() : new Belief(1 / $sigma ** 2, $reading);
        $children = $this->tree->children[$place];
        if ($children === []) {
            return new Upward($belief);
        }
        if ($size <= 0) {
            // Of a cut whose size nobody knows nothing can be said; its parts stand for themselves.
            return new Upward(
                $belief->and(
                    new Belief(
                        0.0,
                        0.0,
                        array_sum(array_map(fn (int $child): float => $up[$child]->misfit, $children)),
                    ),
                ),
            );
        }
        $split = new CutSystem(
            array_map(fn (int $child): Belief => $up[$child], $children),
            array_map(fn (int $child) => $this->tree->pieces[$child]->expected, $children),
            $size,
            $this->tree->loss,
        );

        return new Upward($belief->and($split->above()), $split);
    }

    private function goDown(int $place): void
    {
        $children = $this->tree->children[$place];
        $split = $this->splits[$place] ?? null;
        if ($split === null) {
            foreach ($children as $child) {
                $this->down[$child] = new Belief(
                    0.0,
                    0.0,
                    $this->beside($place, $child, $this->up, $this->down[$place]),
                );
                $this->masses[$child] = $this->up[$child]->mean;
            }

            return;
        }
        $below = $split->below($this->down[$place]->and($this->ownReading($place)));
        $masses = $split->masses($this->masses[$place]);
        foreach ($children as $k => $child) {
            $this->down[$child] = $below[$k];
            $this->masses[$child] = $masses[$k];
        }
    }

    private function ownReading(int $place): Belief
    {
        $sigma = $this->tree->pieces[$place]->resolution->grams() / 2;

        return $this->readings[$place] === null ? new Belief() : new Belief(1 / $sigma ** 2, $this->readings[$place]);
    }

    /**
     * The misfit of all that stands beside a part of a cut that ties nothing.
     *
     * @param  array<int, Belief>  $up
     */
    private function beside(int $place, int $part, array $up, Belief $above): float
    {
        $misfit = $above->and($this->ownReading($place))->misfit;
        foreach ($this->tree->children[$place] as $child) {
            $misfit += $child === $part ? 0.0 : $up[$child]->misfit;
        }

        return $misfit;
    }

    /**
     * What a subtree says when the sizes of its unweighed pieces changed with what lies above them.
     *
     * @param  array<int, float|null>  $readings
     * @param  array<int, float>  $sizes
     */
    private function resized(int $place, array $readings, array $sizes): Belief
    {
        if ($sizes[$place] === $this->sizes[$place]) {
            return $this->up[$place];
        }
        $up = [];
        foreach ($this->tree->children[$place] as $child) {
            $up[$child] = $this->resized($child, $readings, $sizes);
        }

        return $this->upTo($place, $readings[$place], $sizes[$place], $up)->belief;
    }

    /**
     * How big each piece is, for the spread of its rows: its reading, else what its children weigh, else its expected
     * share of what it was cut from.
     *
     * @param  array<int, float|null>  $readings
     * @return array<int, float>
     */
    private function sizes(array $readings): array
    {
        $order = [$this->tree->root, ...$this->tree->below($this->tree->root)];
        $sizes = [];
        foreach (array_reverse($order) as $i) {
            $size = $readings[$i];
            if ($size === null) {
                $size = 0.0;
                foreach ($this->tree->children[$i] as $child) {
                    $size += $sizes[$child];
                }
            }
            $sizes[$i] = $size;
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
