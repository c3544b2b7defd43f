<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Remark;
use Sectum\BreakDown\Remarks;
use Sectum\Measure\Mass;

final class RemarksTest extends TestCase
{
    /** @return list<Remark> */
    private static function remarks(CutTree $tree): array
    {
        return Remarks::of(
            Reconcile::of($tree),
            ['fish' => 'the fish', 'frame' => 'Frame', 'side-a' => 'Side A', 'side-b' => 'Side B', 'head' => 'Head'],
            fn (Mass $mass): string => $mass->print(),
        );
    }

    public function test_a_closed_fish_says_nothing(): void
    {
        self::assertSame([], self::remarks(Trees::worked(520, expected: true)));
    }

    public function test_a_forgotten_tray_is_one_sentence_and_one_thing_to_do(): void
    {
        $remark = self::remarks(Trees::worked(935, expected: true))[0];
        self::assertSame(
            'More came off the fish than went on, by 390 g: the frame reading looks 412 g too heavy, the weight '.
                'of the half tray.',
            $remark->what,
        );
        self::assertSame('Weigh the frame again, or record that it was on the half tray.', $remark->todo);
        self::assertSame('frame', $remark->piece);
    }

    public function test_swapped_digits_and_ounces_are_said(): void
    {
        self::assertStringContainsString(
            'as if two digits had changed places (520 g)',
            self::remarks(Trees::worked(250, expected: true))[0]->what,
        );
        self::assertStringContainsString(
            'as if oz had been read as g (520 g)',
            self::remarks(Trees::worked(520 / 28.349523125, expected: true))[0]->what,
        );
    }

    public function test_without_expectations_nobody_is_blamed_alone(): void
    {
        $remark = self::remarks(Trees::worked(700))[0];
        self::assertNull($remark->piece);
        self::assertStringContainsString('one reading does not fit', $remark->what);
    }

    public function test_a_part_that_was_never_weighed_is_looked_for(): void
    {
        $remarks = self::remarks(
            new CutTree([
                Trees::piece('fish', null, 2000),
                Trees::piece('head', 'fish', 400),
                Trees::piece('frame', 'fish', 300),
            ]),
        );
        self::assertStringStartsWith('1290 g of the fish is not accounted for', $remarks[0]->what);
    }

    public function test_the_whole_fish_is_said_with_one_article(): void
    {
        $said = '';
        foreach ([3100, 3900] as $whole) {
            foreach (self::remarks(
                new CutTree([
                    Trees::piece('fish', null, $whole),
                    Trees::piece('side-a', 'fish', 900),
                    Trees::piece('side-b', 'fish', 890),
                ]),
            ) as $remark) {
                $said .= "{$remark->what} {$remark->todo} ";
            }
        }
        self::assertStringContainsString('Weigh the fish again first.', $said);
        self::assertStringNotContainsString('the the', $said);
    }
}
