<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\TwoSides;
use Sectum\BreakDown\Workmanship\LastFish;
use Sectum\BreakDown\Workmanship\Mark;
use Sectum\BreakDown\Workmanship\ShortBy;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Sentence;

final class LastFishTest extends TestCase
{
    /** @return list<Sentence> */
    private static function short(LastFish $fish): array
    {
        return array_map(fn (Message $one): Sentence => $one->code, $fish->fellShortBy());
    }

    /** @param  array<string, int>  $marks */
    private static function fish(
        ?int $left = null,
        int $a = 1000,
        int $b = 1000,
        ?int $skin = null,
        array $marks = [],
        int $later = 0,
        bool $gall = false,
    ): LastFish {
        return new LastFish(
            Mass::ofGrams(4000),
            $left === null ? null : Mass::ofGrams($left),
            TwoSides::of(Mass::ofGrams($a), Mass::ofGrams($b)),
            $skin === null ? null : Mass::ofGrams($skin),
            new Share(4.0, 0.5),
            $marks,
            $later,
            $gall,
        );
    }

    public function test_a_clean_fish_falls_short_in_nothing(): void
    {
        self::assertSame([], self::short(self::fish(null, 1000, 950, 180, ['hack' => 1, 'torn' => 1])));
    }

    /** @return iterable<string, array{LastFish, ShortBy}> */
    public static function shorts(): iterable
    {
        yield 'frame' => [self::fish(90), ShortBy::MeatOnFrame];
        yield 'sides' => [self::fish(null, 1000, 900), ShortBy::SidesUnlike];
        // 4 % of 4 kg is 160 g, one and a half spreads are 30 g.
        yield 'skin' => [self::fish(skin: 191), ShortBy::MeatOnSkin];
        yield 'hack' => [self::fish(marks: ['hack' => 2]), ShortBy::HackMarks];
        yield 'torn' => [self::fish(marks: ['torn' => 3]), ShortBy::TornFlesh];
        yield 'broken' => [self::fish(marks: ['broken' => 2]), ShortBy::BrokenBones];
        yield 'missed' => [self::fish(later: 1), ShortBy::BonesMissed];
        yield 'gall' => [self::fish(gall: true), ShortBy::GallBurst];
    }

    #[DataProvider('shorts')]
    public function test_each_shortfall_is_told_by_its_code(LastFish $fish, ShortBy $by): void
    {
        self::assertSame([$by], self::short($fish));
    }

    public function test_what_the_skin_took_is_told_beyond_its_usual_share(): void
    {
        $said = self::fish(skin: 200)->fellShortBy()[0] ?? null;
        self::assertEquals(Mass::ofGrams(40), $said?->values['mass'] ?? null);
        self::assertSame([], self::short(self::fish(skin: 190)));
    }

    /** Every step a shortfall sends its reader to is one that methods have. */
    public function test_every_shortfall_belongs_to_steps_that_there_are(): void
    {
        $file = file(__DIR__.'/../../../database/catalogue/steps.csv');
        self::assertIsArray($file);
        $known = array_unique(array_map(fn (string $line): string => str_getcsv($line, ',', '"', '')[1] ?? '', $file));
        foreach (ShortBy::cases() as $by) {
            self::assertSame([], array_diff($by->actions(), $known), $by->value);
        }
        foreach (Mark::cases() as $mark) {
            self::assertCount(Mark::WORST + 1, array_unique($mark->grades()));
        }
    }
}
