<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Family;

/**
 * A fish as a tree: a piece is cut into pieces, some of them weighed.
 *
 * Pieces are addressed by their place in the list; ids are only for the outside.
 */
final readonly class CutTree
{
    /** More pieces than any fish or tray of fish gives. */
    public const MOST_PIECES = 400;

    /** What stands behind a piece's id to name what of it is not weighed yet. */
    public const REST = ':rest';

    /** @var list<int|null> place of each piece's parent */
    public array $parents;

    /** @var list<list<int>> places of each piece's children */
    public array $children;

    public int $root;

    /**
     * @param  non-empty-list<CutPiece>  $pieces  in any order
     * @param  list<Container>  $tares  trays and lids that may have stayed under a piece
     *
     * @throws BadCutTree when an id stands twice, a parent is missing, there is no or more than one whole fish, or a
     *     piece is cut from itself
     */
    public function __construct(public array $pieces, public Loss $loss = new Loss(), public array $tares = [])
    {
        if (count($pieces) > self::MOST_PIECES) {
            throw new BadCutTree(
                'More than '.self::MOST_PIECES.' pieces in one tree.',
                count($pieces),
                '/pieces',
            );
        }
        $places = [];
        foreach ($pieces as $i => $piece) {
            if (isset($places[$piece->id])) {
                throw new BadCutTree("Two pieces are called \"{$piece->id}\".", $piece->id, "/pieces/{$i}/id");
            }
            $places[$piece->id] = $i;
        }
        $parents = [];
        $children = array_fill(0, count($pieces), []);
        $root = null;
        foreach ($pieces as $i => $piece) {
            $parent =
                $piece->parent === null
                    ? null
                    : $places[$piece->parent] ??
                        throw new BadCutTree(
                            "\"{$piece->id}\" is cut from \"{$piece->parent}\", which is not among the pieces.",
                            $piece->parent,
                            "/pieces/{$i}/parent",
                        );
            $parents[$i] = $parent;
            if ($parent !== null) {
                $children[$parent][] = $i;
            } elseif ($root === null) {
                $root = $i;
            } else {
                throw new BadCutTree(
                    "\"{$pieces[$root]->id}\" and \"{$piece->id}\" are both whole: say which piece one was cut from.",
                    $piece->id,
                    "/pieces/{$i}",
                );
            }
        }
        $this->parents = array_values($parents);
        $this->children = $children;
        $this->root =
            $root ?? throw new BadCutTree('No piece is the whole fish: each is cut from another.', null, '/pieces');
        $this->refuseCircles();
    }

    /**
     * A fish still being cut: while clearly more went on the board than came off, something is not weighed yet.
     *
     * Such a cut gets one more piece without a reading, called as its parent with REST behind, until what is missing is
     * no more than the board usually takes or the cutter says that is all.
     *
     * @param  non-empty-list<CutPiece>  $pieces
     * @param  list<Container>  $tares
     * @param  list<string>  $finished  ids of pieces of which nothing more will come
     */
    public static function onTheBoard(array $pieces, Loss $loss, array $tares, array $finished): self
    {
        $off = [];
        foreach ($pieces as $piece) {
            $off[$piece->parent ?? ''] = ($off[$piece->parent ?? ''] ?? 0.0) + ($piece->reading?->grams() ?? 0.0);
        }
        foreach ($pieces as $piece) {
            if ($piece->reading === null || ! isset($off[$piece->id]) || in_array($piece->id, $finished, true)) {
                continue;
            }
            $left = $piece->reading->grams() - $off[$piece->id];
            if (
                $left >
                (($loss->meanPct + 3 * $loss->sdPct) / 100) * $piece->reading->grams() + $piece->resolution->grams()
            ) {
                // What is left of a fillet can still be eaten.
                $role = $piece->part?->isFillet() === true ? Family::Usable : null;
                $pieces[] = new CutPiece(
                    $piece->id.self::REST,
                    $piece->id,
                    null,
                    $piece->resolution,
                    null,
                    null,
                    $role,
                );
            }
        }

        return new self($pieces, $loss, $tares);
    }

    /** @return list<int> the places below a piece, the piece not included, parents before their children */
    public function below(int $place): array
    {
        $found = [];
        foreach ($this->children[$place] as $child) {
            array_push($found, $child, ...$this->below($child));
        }

        return $found;
    }

    private function refuseCircles(): void
    {
        $reached = [$this->root => true];
        $open = [$this->root];
        while ($open !== []) {
            $place = array_pop($open);
            foreach ($this->children[$place] as $child) {
                $reached[$child] = true;
                $open[] = $child;
            }
        }
        foreach ($this->pieces as $i => $piece) {
            if (! isset($reached[$i])) {
                throw new BadCutTree(
                    "\"{$piece->id}\" is cut, in the end, from itself.",
                    $piece->parent,
                    "/pieces/{$i}/parent",
                );
            }
        }
    }
}
