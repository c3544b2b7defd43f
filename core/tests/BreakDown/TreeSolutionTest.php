<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;
use Sectum\BreakDown\TreeSolution;
use Sectum\Fish\Share;
use Sectum\Math\LeastSquaresSolution;
use Sectum\Measure\Mass;

/** The elimination along the tree gives what all rows together give, whatever was weighed and whatever was not. */
final class TreeSolutionTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "tree {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_up_and_down_the_tree_is_all_at_once(int $seed): void
    {
        $tree = self::tree($seed);
        $readings = self::readings($tree);
        $all = (new AllAtOnce($tree))->rows($readings)->solve();
        $solution = new TreeSolution($tree, $readings);
        self::assertSameFigures($all, $solution, $tree);
    }

    #[DataProvider('seeds')]
    public function test_a_reading_left_out_is_a_reading_not_taken(int $seed): void
    {
        $tree = self::tree($seed);
        $readings = self::readings($tree);
        $solution = new TreeSolution($tree, $readings);
        $weighed = array_keys(array_filter($readings, is_float(...)));
        self::assertSame($weighed === [] ? 0.0 : null, $weighed === [] ? $solution->objective() : null);
        foreach ($weighed as $i) {
            $others = $readings;
            $others[$i] = null;
            $all = (new AllAtOnce($tree))->rows(array_values($others))->solve();
            $rest = $solution->without($i);
            self::assertEqualsWithDelta($all->objective, $rest->misfit, 1e-9 * max(1.0, $all->objective));
            self::assertSame($all->estimates[$i] === null, $rest->saysNothing(), "piece {$i}");
            if ($all->estimates[$i] !== null) {
                // Where the rest hardly knows a piece, the dense solve loses digits: a millionth of the spread is let
                // pass.
                $sd = sqrt(1 / $rest->precision);
                $near = max(1e-9 * max(1.0, abs($rest->mean)), 1e-6 * $sd);
                self::assertEqualsWithDelta($all->estimates[$i], $rest->mean, $near, "piece {$i}");
                self::assertEqualsWithDelta(sqrt((float) $all->variances[$i]), $sd, 1e-5 * $sd, "piece {$i}");
            }
        }
    }

    private static function assertSameFigures(LeastSquaresSolution $all, TreeSolution $solution, CutTree $tree): void
    {
        self::assertEqualsWithDelta($all->objective, $solution->objective(), 1e-9 * max(1.0, $all->objective));
        foreach ($tree->pieces as $i => $piece) {
            $mass = $solution->mass($i);
            self::assertSame($all->estimates[$i] === null, $mass === null, $piece->id);
            if ($mass !== null) {
                self::assertEqualsWithDelta($all->estimates[$i], $mass, 1e-9 * max(1.0, abs($mass)), $piece->id);
                self::assertEqualsWithDelta(
                    $all->variances[$i],
                    $solution->variance($i),
                    1e-9 * (float) $solution->variance($i),
                    $piece->id,
                );
            }
        }
    }

    /** @return list<float|null> */
    private static function readings(CutTree $tree): array
    {
        return array_map(fn (CutPiece $piece): ?float => $piece->reading?->grams(), $tree->pieces);
    }

    /** Up to three generations; some pieces unweighed, some of unknown share, some weighed far off. */
    private static function tree(int $seed): CutTree
    {
        $dice = new Randomizer(new Mt19937($seed));
        $chance = fn (int $inTen): bool => $dice->getInt(1, 10) <= $inTen;
        $pieces = [];
        $cut = function (string $id, ?string $parent, float $grams, ?float $share, int $depth) use (
            &$cut,
            &$pieces,
            $dice,
            $chance,
        ): void {
            $seen = $grams * ($chance(1) ? 1.4 : 1) + $dice->getInt(-3, 3);
            $pieces[] = new CutPiece(
                $id,
                $parent,
                $chance(7) ? Mass::ofGrams(max(1.0, round($seen))) : null,
                Mass::ofGrams([1, 5, 20][$dice->getInt(0, 2)]),
                $share !== null && $chance(6) ? new Share($share, $dice->getInt(1, 40) / 10) : null,
            );
            if ($depth === 0) {
                return;
            }
            $left = 99.5;
            for ($k = 0, $parts = $dice->getInt(1, 5); $k < $parts && $left > 5; $k++) {
                $pct = $k === $parts - 1 ? $left : $dice->getInt(3, (int) ($left / 1.5));
                $left -= $pct;
                $cut("{$id}.{$k}", $id, $grams * $pct / 100, (float) $pct, $dice->getInt(0, $depth - 1));
            }
        };
        $cut('fish', null, (float) $dice->getInt(400, 12_000), null, 3);
        $pieces = $dice->shuffleArray($pieces);
        self::assertNotEmpty($pieces);

        return new CutTree($pieces, new Loss($dice->getInt(0, 20) / 10, $dice->getInt(1, 10) / 10));
    }
}
