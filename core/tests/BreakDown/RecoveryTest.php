<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\LadderRung;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Recovery;
use Sectum\Fish\Family;
use Sectum\Fish\Part;

final class RecoveryTest extends TestCase
{
    private static function ladder(CutTree $tree): Recovery
    {
        return Recovery::of($tree, Reconcile::of($tree));
    }

    /** @return array<string, float> */
    private static function masses(Recovery $recovery): array
    {
        return array_combine(
            array_map(fn (LadderRung $rung): string => $rung->rung->value, $recovery->rungs),
            array_map(fn (LadderRung $rung): float => round($rung->grams), $recovery->rungs),
        );
    }

    private static function wholeFish(): CutTree
    {
        return new CutTree([
            Trees::piece('fish', null, 2000, null, Part::Whole),
            Trees::piece('guts', 'fish', 200, null, Part::Guts, Family::Discard),
            Trees::piece('head', 'fish', 300, null, Part::Head, Family::Stock),
            Trees::piece('frame', 'fish', 250, null, Part::Frame, Family::Stock),
            Trees::piece('a', 'fish', 620, null, Part::SideA),
            Trees::piece('b', 'fish', 620, null, Part::SideB, Family::Usable),
            Trees::piece('ribs', 'a', 30, null, Part::Ribs, Family::Stock),
            Trees::piece('skin', 'a', 40, null, Part::Skin, Family::Discard),
            Trees::piece('p1', 'a', 270, null, Part::Portion, Family::Portion),
            Trees::piece('p2', 'a', 277, null, Part::Portion, Family::Portion),
        ]);
    }

    public function test_each_rung_is_what_stood_on_it(): void
    {
        $recovery = self::ladder(self::wholeFish());
        self::assertSame(
            [
                'as bought' => 2000.0,
                'gutted' => 1800.0,
                'headless' => 1500.0,
                'fillets' => 1240.0,
                'trimmed' => 1210.0,
                'skinned' => 1170.0,
                'portions' => 547.0,
            ],
            self::masses($recovery),
        );
        self::assertEqualsWithDelta(62.0, $recovery->rungs[3]->ofPurchasedPct, 0.01);
        self::assertEqualsWithDelta((100 * 1240) / 1500, $recovery->rungs[3]->ofPreviousPct, 0.01);
        self::assertEqualsWithDelta(27.35, $recovery->portionYieldPct, 0.01);
        self::assertEqualsWithDelta((547 + 620) / 20, $recovery->edibleYieldPct, 0.02);
    }

    public function test_the_spread_is_first_order_from_both_masses(): void
    {
        $tree = new CutTree([
            Trees::piece('fish', null, 2000),
            Trees::piece('f', 'fish', 1000, null, Part::Fillets, Family::Usable),
            Trees::piece('r', 'fish', null, null, Part::Bones),
        ]);
        $rung = self::ladder($tree)->rungs[1];
        self::assertEqualsWithDelta(
            100 * sqrt((2.5 / 2000) ** 2 + ((1000 * 2.5) / 2000 ** 2) ** 2),
            $rung->sdPct,
            1e-9,
        );
    }

    public function test_only_rungs_the_weights_determine_are_shown(): void
    {
        $three = new CutTree([
            Trees::piece('fish', null, 2000, null, Part::Whole),
            Trees::piece('f', 'fish', 1200, null, Part::Fillets, Family::Usable),
            Trees::piece('bones', 'fish', 790, null, Part::Bones, Family::Stock),
        ]);
        self::assertSame(['as bought', 'fillets'], array_keys(self::masses(self::ladder($three))));
        $unknown = new CutTree([
            Trees::piece('fish', null, 2000, null, Part::Whole),
            Trees::piece('f', 'fish', null, null, Part::Fillets, Family::Usable),
            Trees::piece('bones', 'fish', null, null, Part::Bones, Family::Stock),
        ]);
        self::assertSame(['as bought'], array_keys(self::masses(self::ladder($unknown))));
        self::assertNull(self::ladder($unknown)->edibleYieldPct);
        self::assertSame([], self::ladder(new CutTree([Trees::piece('fish', null, null)]))->rungs);
    }

    public function test_the_ladder_never_climbs(): void
    {
        $before = INF;
        foreach (self::ladder(self::wholeFish())->rungs as $rung) {
            self::assertLessThanOrEqual($before, $rung->grams);
            $before = $rung->grams;
        }
    }
}
