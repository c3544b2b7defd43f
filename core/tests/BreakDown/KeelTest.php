<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Keel;
use Sectum\BreakDown\KeelSegment;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

final class KeelTest extends TestCase
{
    use TestTrait;

    public function test_segments_and_rest_add_up_to_the_bar_to_the_milligram(): void
    {
        $this->limitTo(80)
            ->forAll(new ChooseGenerator(0, 100_000))
            ->then(function (int $seed): void {
                $keel = Keel::of(new CutTree(Trees::sound($seed)), MassUnit::Gram);
                $sum = array_sum(
                    array_map(fn (KeelSegment $segment): int => $segment->mass->milligrams, $keel->segments),
                );
                self::assertSame($keel->length->milligrams, $sum + $keel->rest->milligrams);
            });
    }

    public function test_a_cut_piece_gives_way_to_what_came_off_it(): void
    {
        $keel = Keel::of(
            new CutTree([
                Trees::piece('fish', null, 1000),
                Trees::piece('side', 'fish', 600),
                Trees::piece('portion', 'side', 170),
            ]),
            MassUnit::Gram,
        );
        self::assertSame(
            [['portion', 170_000, false], ['side', 430_000, true]],
            array_map(fn (KeelSegment $s): array => [$s->piece, $s->mass->milligrams, $s->remainder], $keel->segments),
        );
        self::assertSame(400_000, $keel->rest->milligrams);
    }

    public function test_more_off_than_on_lengthens_the_bar(): void
    {
        $keel = Keel::of(
            new CutTree([
                Trees::piece('fish', null, 1000),
                Trees::piece('a', 'fish', 700),
                Trees::piece('b', 'fish', 500),
            ]),
            MassUnit::Gram,
        );
        self::assertSame(
            [1_200_000, 200_000, 0],
            [$keel->length->milligrams, $keel->excess->milligrams, $keel->rest->milligrams],
        );
    }

    public function test_the_ruler_is_marked_at_round_numbers(): void
    {
        $marks = fn (int $grams, MassUnit $unit): array => array_map(
            fn (Mass $m): string => $m->print($unit, Mass::ofGrams(5)),
            Keel::of(new CutTree([Trees::piece('fish', null, $grams)]), $unit)->marks,
        );
        self::assertSame(
            ['0 g', '500 g', '1000 g', '1500 g', '2000 g', '2500 g', '3000 g', '3500 g', '4000 g'],
            $marks(4210, MassUnit::Gram),
        );
        self::assertSame(
            ['0.0 oz', '4.0 oz', '8.0 oz', '12.0 oz'],
            array_slice($marks(900, MassUnit::PoundOunce), 0, 4),
        );
        self::assertSame(['0 g'], array_slice($marks(7, MassUnit::Gram), 0, 1));
    }
}
