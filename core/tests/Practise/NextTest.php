<?php

declare(strict_types=1);

namespace Sectum\Tests\Practise;

use PHPUnit\Framework\TestCase;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;
use Sectum\Practise\Level;
use Sectum\Practise\Next\Boxes;
use Sectum\Practise\Next\Item;
use Sectum\Practise\Next\Practised;
use Sectum\Practise\Next\Progress;
use Sectum\Practise\Next\Standing;
use Sectum\Practise\Skill;

final class NextTest extends TestCase
{
    /** @param  list<array{int, float}>  $done */
    private function item(Skill $skill, array $done, string $subject = ''): Item
    {
        return new Item($skill, $subject, array_map(fn (array $one): Practised => new Practised(...$one), $done));
    }

    public function test_an_item_moves_on_a_box_when_it_goes_well_and_back_to_the_first_when_it_does_not(): void
    {
        $well = $this->item(Skill::Bins, [[0, 80.0], [1, 100.0], [3, 90.0]]);
        self::assertSame(3, Boxes::box($well));
        self::assertSame(7, Boxes::due($well), 'four days after the third');
        $back = $this->item(Skill::Bins, [[0, 80.0], [1, 100.0], [3, 79.9]]);
        self::assertSame(1, Boxes::box($back));
        self::assertSame(4, Boxes::due($back));
        $long = $this->item(Skill::Bins, array_map(fn (int $day): array => [$day, 95.0], range(0, 9)));
        self::assertSame(5, Boxes::box($long), 'there is no sixth');
        self::assertSame(9 + 16, Boxes::due($long));
        self::assertSame(0, Boxes::box($this->item(Skill::Bins, [])));
        self::assertNull(Boxes::due($this->item(Skill::Bins, [])));
    }

    public function test_ten_minutes_are_what_is_due_the_weak_first_and_then_what_is_new(): void
    {
        $new = $this->item(Skill::Raw, []);
        $notYet = $this->item(Skill::Bins, [[9, 90.0], [10, 90.0]]);
        $weak = $this->item(Skill::Bones, [[8, 40.0]]);
        $strong = $this->item(Skill::Order, [[0, 90.0], [1, 90.0], [3, 90.0]]);
        $older = $this->item(Skill::Weight, [[6, 40.0]]);
        self::assertSame(
            [$older, $weak, $strong, $new],
            Boxes::today([$new, $notYet, $strong, $weak, $older], 10, 10),
        );
        self::assertSame([$older], Boxes::today([$new, $weak, $older], 10, 3), 'no drill is begun that does not fit');
        $two = fn (string $subject): Item => $this->item(Skill::Order, [[5, 10.0]], $subject);
        $raw = $this->item(Skill::Raw, [[9, 10.0]]);
        [$a, $b] = [$two('a'), $two('b')];
        self::assertSame([$a, $raw, $b], Boxes::today([$a, $b, $raw], 10, 10), 'other skills have their turn first');
        self::assertSame([], Boxes::today([], 10, 10));
    }

    public function test_a_standing_is_new_practised_steady_or_signed_for(): void
    {
        self::assertSame(Progress::Fresh, Standing::of([], false)->progress);
        $few = Standing::of([100.0, 100.0, 100.0], false);
        self::assertSame([Progress::Practised, 100.0, null], [$few->progress, $few->meanPct, $few->lowPct]);
        $steady = Standing::of([88.0, 90.0, 86.0, 92.0, 89.0], false);
        self::assertSame(Progress::Steady, $steady->progress);
        // A one-sided t of 2.131847 with four to five: nobody's scores scatter less than four points.
        self::assertEqualsWithDelta(89 - (2.131847 * 4) / sqrt(5), $steady->lowPct, 1e-4);
        self::assertSame(Progress::Practised, Standing::of([88.0, 40.0, 95.0, 99.0, 60.0], false)->progress);
        self::assertSame(Progress::Passed, Standing::of([10.0], true)->progress);
        $above = Standing::of([88.0, 90.0, 86.0, 92.0, 89.0], false, true);
        self::assertSame(Progress::Passed, $above->progress, 'steady, and the next level is open');
        self::assertSame(Progress::Practised, Standing::of([40.0, 90.0], false, true)->progress);
        $then = array_fill(0, 12, 20.0);
        $now = array_fill(0, 12, 90.0);
        self::assertSame(Progress::Steady, Standing::of([...$then, ...$now], false)->progress, 'long ago says little');
        self::assertLessThanOrEqual(100.0, Standing::of(array_fill(0, 5, 99.0), false)->highPct);
    }

    public function test_a_level_opens_all_below_it_and_the_last_opens_no_more(): void
    {
        self::assertSame([Skill::Order, Skill::Bins, Skill::Weight], Level::First->open());
        self::assertEqualsCanonicalizing(Skill::cases(), Level::Third->open());
        self::assertSame(Level::Second, Level::First->next());
        self::assertNull(Level::Fourth->next());
        self::assertSame([Level::First, Level::Second, Level::Third], [
            Level::of(Skill::Order), Level::of(Skill::Cuts), Level::of(Skill::Raw),
        ]);
        self::assertSame('first', Level::First->answers()['head']);
        self::assertTrue(Level::Third->weighsEveryPiece());
        self::assertFalse(Level::Fourth->weighsEveryPiece());
    }

    public function test_a_seed_throws_the_same_again_and_another_seed_or_purpose_something_else(): void
    {
        $throws = fn (Dice $dice): array => array_map(fn (): float => $dice->share(), range(1, 8));
        self::assertSame($throws(Dice::of('0000002a')), $throws(Dice::of('0000002a')));
        self::assertNotSame($throws(Dice::of('0000002a')), $throws(Dice::of('0000002b')));
        self::assertNotSame($throws(Dice::of('0000002a')), $throws(Dice::of('0000002a', 'bones')));
        self::assertSame('0000001a', Dice::seed(42));
        self::assertSame('zzzzzzzz', Dice::seed((1 << 40) - 1));
        $shares = $throws(Dice::of('0000002a'));
        self::assertGreaterThan(0, min($shares));
        self::assertLessThan(1, max($shares));
        foreach (['', '0000002', '0000002A', '0000002u', '0000002a ', '00000000000'] as $none) {
            try {
                Dice::of($none);
                self::fail("“{$none}” is no seed.");
            } catch (BadDrill $bad) {
                self::assertSame('/seed', $bad->pointer());
            }
        }
    }
}
