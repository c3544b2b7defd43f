<?php

declare(strict_types=1);

namespace Sectum\Tests\Log;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\Fish\Family;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Log\Walk\BestDone;
use Sectum\Log\Walk\FishWalk;
use Sectum\Log\Walk\PortionCut;
use Sectum\Log\Walk\TrayFate;
use Sectum\Log\Walk\Walk;
use Sectum\Log\Walk\WalkedFish;
use Sectum\Log\Walk\WalkStep;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

final class WalkTest extends TestCase
{
    /** @param  list<array{string, string|null, int, Part}>  $pieces  id, parent, grams, part */
    private function tree(array $pieces): CutTree
    {
        $made = array_map(
            fn (array $one): CutPiece => new CutPiece(
                $one[0],
                $one[1],
                Mass::ofGrams($one[2]),
                Mass::ofGrams(5),
                null,
                $one[3],
                $one[3]->isFillet() ? Family::Usable : $one[3]->family(),
            ),
            $pieces,
        );
        self::assertNotSame([], $made);

        return new CutTree($made);
    }

    /** @return list<array{string, string|null, int, Part}> */
    private function hake(): array
    {
        return [
            ['w', null, 4210, Part::Whole],
            ['h', 'w', 650, Part::Head],
            ['f', 'w', 520, Part::Frame],
            ['a', 'w', 1515, Part::SideA],
            ['b', 'w', 1500, Part::SideB],
            ['p1', 'a', 180, Part::Portion],
            ['p2', 'a', 170, Part::Portion],
            ['p3', 'a', 100, Part::Portion],
            ['t', 'a', 140, Part::TailEnd],
        ];
    }

    public function test_every_gram_leaves_at_one_step(): void
    {
        $walk = FishWalk::of(
            $this->tree($this->hake()),
            new Share(10.0, 1.0),
            [
                'p1' => new PortionCut(Mass::ofGrams(170), 'tray'),
                'p2' => new PortionCut(Mass::ofGrams(170), 'tray'),
                'p3' => new PortionCut(Mass::ofGrams(170), null, Family::Usable),
            ],
            false,
        );
        self::assertSame(4_210_000, array_sum($walk->milligrams()));
        self::assertSame(99_000, $walk->at(WalkStep::FrameLeft)->milligrams, '520 less a tenth of the fish');
        self::assertSame(650_000 + 421_000, $walk->at(WalkStep::Bones)->milligrams);
        self::assertSame(10_000, $walk->at(WalkStep::Over)->milligrams);
        self::assertSame(340_000, $walk->at(WalkStep::Plates)->milligrams);
        self::assertSame(100_000, $walk->at(WalkStep::Unserved)->milligrams);
        self::assertSame(140_000, $walk->at(WalkStep::Ends)->milligrams);
        $still = $walk->at(WalkStep::ToPortion)->milligrams;
        self::assertSame(925_000 + 1_500_000, $still, 'not lost: it is still to be cut');
        self::assertSame(0, $walk->at(WalkStep::LeftOver)->milligrams);
        self::assertSame(25_000, $walk->at(WalkStep::Process)->milligrams);
        self::assertSame(['tray' => 340_000], $walk->trays);
        $gone = $walk->served(['tray' => new TrayFate(1, 1, 0, 1)]);
        self::assertSame(4_210_000, array_sum($gone->milligrams()));
        self::assertEqualsWithDelta(113_333, $gone->at(WalkStep::Plates)->milligrams, 1);
        self::assertEqualsWithDelta(213_333, $gone->at(WalkStep::Unserved)->milligrams, 1);
        self::assertEquals($walk->milligrams(), $walk->served([])->milligrams(), 'a tray nobody counts was served');
        self::assertEquals(
            $walk->milligrams(),
            FishWalk::kept($walk->milligrams(), $walk->trays)->milligrams(),
        );
    }

    public function test_more_off_than_on_is_below_zero_and_still_adds_up(): void
    {
        $walk = FishWalk::of(
            $this->tree([['w', null, 1000, Part::Whole], ['h', 'w', 700, Part::Head], ['f', 'w', 400, Part::Bones]]),
            null,
            [],
            true,
        );
        self::assertSame(-100_000, $walk->at(WalkStep::Process)->milligrams);
        self::assertSame(1_000_000, $walk->whole->milligrams);
        $paid = (new WalkedFish($walk, 'hake', Money::ofMinor(1100, Currency::of('EUR'))))->paidBySteps();
        self::assertSame(1100, $paid['bones']->minor);
        self::assertSame(0, $paid['process']->minor);
    }

    public function test_a_period_is_the_sum_of_its_fish_to_the_milligram_and_the_cent(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $euro = Currency::of('EUR');
        $fish = [];
        for ($i = 0; $i < 60; $i++) {
            $mg = [];
            foreach (WalkStep::cases() as $step) {
                $mg[$step->value] = $random->getInt(0, 400_000);
            }
            $kind = $i % 3 === 0 ? 'zander' : 'hake';
            $fish[] = new WalkedFish(FishWalk::kept($mg, []), $kind, Money::ofMinor($random->getInt(0, 9_999), $euro));
        }
        $known = ['hake' => array_map(fn (WalkedFish $one): FishWalk => $one->walk, $fish)];
        $best = BestDone::of($known);
        $walk = Walk::of($fish, $best, $euro);
        self::assertSame(
            $walk->bought->milligrams,
            array_sum(array_map(fn ($line): int => $line->mass->milligrams, $walk->lines)),
        );
        self::assertSame($walk->paid->minor, array_sum(array_map(fn ($line): int => $line->paid->minor, $walk->lines)));
        $halves = [Walk::of(array_slice($fish, 0, 21), $best, $euro), Walk::of(array_slice($fish, 21), $best, $euro)];
        foreach ($walk->lines as $line) {
            [$one, $two] = [$halves[0]->at($line->step), $halves[1]->at($line->step)];
            self::assertNotNull($one);
            self::assertNotNull($two);
            self::assertSame($line->mass->milligrams, $one->mass->plus($two->mass)->milligrams);
            self::assertSame($line->paid->minor, $one->paid->minor + $two->paid->minor);
        }
        self::assertNull($best->share('zander', WalkStep::Ends), 'nobody knows that kind');
        self::assertNull($best->share('hake', WalkStep::Bones), 'a fish has its bones');
        $share = $best->share('hake', WalkStep::Ends);
        self::assertNotNull($share);
        $below = array_filter(
            $known['hake'],
            fn (FishWalk $one): bool => $one->at(WalkStep::Ends)->milligrams / $one->whole->milligrams <= $share,
        );
        self::assertCount(6, $below, 'one in ten');
        self::assertNull(BestDone::of(['hake' => array_slice($known['hake'], 0, 9)])->share('hake', WalkStep::Ends));
        self::assertSame([], Walk::of([], $best, $euro)->lines);
    }
}
