<?php

declare(strict_types=1);

namespace Sectum\Tests\Portion\Serve;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Mass;
use Sectum\Portion\Band;
use Sectum\Portion\Cuts\BadCut;
use Sectum\Portion\Label\PortionDays;
use Sectum\Portion\Serve\LabelSays;
use Sectum\Portion\Serve\Loss;
use Sectum\Portion\Serve\Lost;
use Sectum\Portion\Serve\Prep;
use Sectum\Portion\Serve\Served;
use Sectum\Portion\Serve\ServiceClass;

final class ServedTest extends TestCase
{
    /** @return list<array{string, float}> */
    private static function losses(Served $served): array
    {
        return array_map(fn (Loss $loss): array => [$loss->by, $loss->pct], $served->losses);
    }

    public function test_only_the_cooked_one_is_not_raw_by_the_rules_and_only_it_may_say_cook_through(): void
    {
        foreach (ServiceClass::cases() as $class) {
            self::assertSame($class !== ServiceClass::Cooked, $class->isRawByTheRules(), $class->value);
            self::assertSame($class === ServiceClass::Cooked, $class->label() === LabelSays::Cooked, $class->value);
        }
    }

    public function test_each_class_keeps_its_own_days(): void
    {
        $days = new PortionDays(2, 1, 1, 2, 5);
        self::assertSame(
            [1, 1, 1, 2, 5, 2],
            array_map(fn (ServiceClass $class): int => $days->of($class), ServiceClass::cases()),
        );
    }

    public function test_what_is_done_takes_its_share_in_order_and_the_skin_by_its_kind(): void
    {
        $served = Served::of([Prep::Square, Prep::SkinOff, Prep::Fold], ServiceClass::LightlyCured, 6.4);
        self::assertSame([['square', 3.0], ['skin-off', 6.4], ['lightly-cured', 6.0]], self::losses($served));
        self::assertSame([['skin-off', 8.0]], self::losses(Served::of([Prep::SkinOff], ServiceClass::Seared, null)));
        self::assertSame([], self::losses(Served::of([Prep::Score, Prep::Tie], ServiceClass::Cooked, 6.4)));
    }

    public function test_a_band_on_the_plate_is_grown_to_the_board_and_shrinks_back(): void
    {
        $plate = Band::of(Mass::ofGrams(160), Mass::ofGrams(6), Mass::ofGrams(8));
        $board = Lost::onTheBoard($plate, [new Loss('skin-off', 6), new Loss('cured', 3)]);
        self::assertEqualsWithDelta(175.477, $board->target->grams(), 0.001);
        foreach ([
            [$plate->target, $board->target],
            [$plate->minus, $board->minus],
            [$plate->plus, $board->plus],
        ] as $of) {
            self::assertEqualsWithDelta($of[0]->grams(), $of[1]->grams() * 0.94 * 0.97, 0.001);
        }
        self::assertSame($plate, Lost::onTheBoard($plate, []));
        // A band of one weight stays one.
        $none = Lost::onTheBoard(Band::of(Mass::ofGrams(160), Mass::zero(), Mass::zero()), [new Loss('square', 3)]);
        self::assertSame([0, 0], [$none->minus->milligrams, $none->plus->milligrams]);
    }

    /** @return iterable<string, array{list<Prep>, string}> */
    public static function impossible(): iterable
    {
        yield 'twice' => [[Prep::Fold, Prep::Tie, Prep::Fold], '/preparations/2'];
        yield 'a skin that is off' => [[Prep::SkinOff, Prep::Score], '/preparations/1'];
    }

    /** @param  list<Prep>  $preps */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_done_is_refused_where_it_stands(array $preps, string $where): void
    {
        try {
            Served::of($preps, ServiceClass::Cooked, null);
            self::fail('It was let through.');
        } catch (BadCut $refused) {
            self::assertSame($where, $refused->pointer());
        }
    }
}
