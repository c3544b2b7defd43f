<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\ExpectedYield;
use Sectum\BreakDown\Method\AnswerCosts;
use Sectum\BreakDown\StartingYield;
use Sectum\BreakDown\YieldRecord;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;

final class AnswerCostsTest extends TestCase
{
    public function test_a_part_counts_from_the_rung_on_which_it_leaves(): void
    {
        $costs = new AnswerCosts([[Part::Head, 1.2], [Part::Frame, 0.8], [Part::Belly, 5.0], [Part::Skin, 2.5]]);
        $down = array_map(fn (Rung $rung): float => round($costs->downTo($rung), 9), Rung::cases());
        self::assertSame([0.0, 0.0, 1.2, 2.0, 7.0, 9.5, 9.5], $down);
    }

    public function test_fish_cut_otherwise_are_compared_as_if_they_had_been_cut_the_same(): void
    {
        $prior = new StartingYield(56, 3, 4);
        $without = array_map(fn (float $pct): YieldRecord => new YieldRecord($pct), [51.2, 50.4, 51.0]);
        $with = array_map(fn (float $pct): YieldRecord => new YieldRecord($pct + 5), [51.2, 50.4, 51.0]);
        $kept = array_map(fn (YieldRecord $record): YieldRecord => $record->hadItKept(5), $without);
        self::assertEqualsWithDelta(
            ExpectedYield::of($prior, $with)->meanPct,
            ExpectedYield::of($prior, $kept)->meanPct,
            1e-9,
        );
        self::assertSame(51.0, $prior->hadItKept(-5)->meanPct);
        self::assertSame([0.1, 100.0], [$prior->hadItKept(-90)->meanPct, $prior->hadItKept(70)->meanPct]);
    }
}
