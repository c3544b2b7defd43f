<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\SetUp\BadSetUp;
use Sectum\BreakDown\SetUp\Knife;
use Sectum\BreakDown\SetUp\Laid;
use Sectum\BreakDown\SetUp\SetUp;
use Sectum\BreakDown\SetUp\SetUpSays;
use Sectum\Message;
use Sectum\Sentence;

final class SetUpTest extends TestCase
{
    /** @return list<Sentence> */
    private static function said(SetUp $board, bool $hasPinBones = true): array
    {
        return array_map(fn (Message $one): Sentence => $one->code, $board->remarks($hasPinBones));
    }

    /** @param  list<Laid>  $laid */
    private static function board(array $laid, ?string $sharpened = null): SetUp
    {
        return new SetUp(
            $laid,
            Knife::Flexible,
            $sharpened === null ? null : new DateTimeImmutable($sharpened),
            new DateTimeImmutable('2026-11-27'),
        );
    }

    public function test_what_is_not_laid_out_is_told_and_pliers_only_where_there_are_pin_bones(): void
    {
        self::assertSame([], self::said(self::board(Laid::cases())));
        $noPliers = self::board([Laid::Board, Laid::Cloth, Laid::Trays]);
        self::assertSame([SetUpSays::Missing], self::said($noPliers));
        self::assertSame([], self::said($noPliers, hasPinBones: false));
        self::assertCount(3, self::said(self::board([Laid::Board])));
    }

    #[TestWith(['2026-11-24', false])]
    #[TestWith(['2026-11-23', true])]
    public function test_a_knife_wants_the_stone_after_some_days(string $sharpened, bool $blunt): void
    {
        self::assertSame(
            $blunt ? [SetUpSays::Blunt] : [],
            self::said(self::board(Laid::cases(), $sharpened)),
        );
    }

    public function test_a_knife_is_not_sharpened_tomorrow(): void
    {
        self::assertSame([], self::said(self::board(Laid::cases(), '2026-11-27')));
        try {
            self::board(Laid::cases(), '2026-11-28');
            self::fail('It was let through.');
        } catch (BadSetUp $refused) {
            self::assertSame('/sharpened_on', $refused->pointer());
        }
    }

    #[TestWith(['flexible knife, spoon', Knife::Flexible])]
    #[TestWith(['pliers, damp cloth', null])]
    #[TestWith(['heavy knife', Knife::Heavy])]
    public function test_the_knife_of_a_step_is_the_one_its_tools_name(string $tools, ?Knife $knife): void
    {
        self::assertSame($knife, Knife::named($tools));
    }
}
