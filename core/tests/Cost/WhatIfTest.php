<?php

declare(strict_types=1);

namespace Sectum\Tests\Cost;

use Brick\Math\BigRational;
use PHPUnit\Framework\TestCase;
use Sectum\Cost\BadWhatIf;
use Sectum\Cost\CostBand;
use Sectum\Cost\GivenAway;
use Sectum\Cost\HouseEnding;
use Sectum\Cost\Plate;
use Sectum\Cost\ProductCost;
use Sectum\Cost\ReadyCut;
use Sectum\Cost\WhatIf;
use Sectum\Cost\Yielded;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Tests\Euro;

final class WhatIfTest extends TestCase
{
    private static function char(
        int|float $yieldPct = 50,
        int $price = 1390,
        int $work = 150,
        int $credit = 140,
    ): Yielded {
        return Yielded::of(
            BigRational::of($price),
            BigRational::of($work),
            BigRational::of($credit),
            BigRational::of((string) $yieldPct),
            Euro::currency(),
        );
    }

    public function test_five_grams_lighter(): void
    {
        // 1390 + 150 − 140 over a half: a served kilo is 28.00, five grams of it 0.14; 125 a week and
        // 52 weeks are 910.
        $plate = fn (Money $portion): Plate => Plate::of(
            $portion,
            Euro::of(190),
            BigRational::zero(),
            Euro::of(2450),
            BigRational::of(10),
            BigRational::of(30),
        );
        $what = WhatIf::of(self::char(), Mass::ofGrams(160), self::char(), Mass::ofGrams(155), $plate, 125);
        self::assertSame(
            [448, 434, 14, 91_000],
            [$what->nowPortion->minor, $what->thenPortion->minor, $what->saves->minor, $what->aYear?->minor],
        );
        $dearer = WhatIf::of(
            self::char(),
            Mass::ofGrams(160),
            self::char(price: 1490),
            Mass::ofGrams(160),
            $plate,
            null,
        );
        self::assertSame([-32, null], [$dearer->saves->minor, $dearer->aYear?->minor]);
        $known = WhatIf::of(
            self::char(),
            Mass::ofGrams(160),
            self::char(),
            Mass::ofGrams(155),
            $plate,
            125,
            Euro::of(451),
        );
        self::assertSame([451, 437, 14], [$known->nowPortion->minor, $known->thenPortion->minor, $known->saves->minor]);
    }

    public function test_a_credit_above_the_invoice_makes_a_plate_cheaper_than_nothing(): void
    {
        self::assertSame(-16, self::char(price: 40, credit: 240)->portion(Mass::ofGrams(160))->minor);
    }

    public function test_a_fish_that_gives_nothing_is_refused(): void
    {
        foreach ([[0, '/yield_pct'], [101, '/yield_pct'], [-3, '/yield_pct']] as [$yield, $at]) {
            try {
                self::char($yield);
                self::fail("{$yield} % was taken.");
            } catch (BadWhatIf $refused) {
                self::assertSame($at, $refused->pointer());
            }
        }
        $this->expectException(BadWhatIf::class);
        self::char(price: -1);
    }

    public function test_whole_against_ready_cut(): void
    {
        // Cut here 28.00 a served kilo; ready fillets at 26.40, 96 % of them served: 27.50.
        $ready = Yielded::of(
            BigRational::of(2640),
            BigRational::zero(),
            BigRational::zero(),
            BigRational::of(96),
            Euro::currency(),
        );
        $cut = ReadyCut::of(self::char(), $ready);
        self::assertSame(
            [2800, 2750, -50, 2688, 1365, 55],
            [
                $cut->whole->minor,
                $cut->ready->minor,
                $cut->saves->minor,
                $cut->evenReady->perKg->minor,
                $cut->evenWhole?->perKg->minor,
                $cut->point->minor,
            ],
        );
        $even = ReadyCut::of(
            self::char(),
            Yielded::of(
                BigRational::of($cut->evenReady->perKg->minor),
                BigRational::zero(),
                BigRational::zero(),
                BigRational::of(96),
                Euro::currency(),
            ),
        );
        self::assertSame(0, $even->saves->minor, 'at the break-even price both cost the same');
        self::assertSame(2750, ReadyCut::of(self::char(price: 1365), $ready)->whole->minor);
        $gift = ReadyCut::of(
            self::char(),
            Yielded::of(
                BigRational::zero(),
                BigRational::zero(),
                BigRational::zero(),
                BigRational::of(96),
                Euro::currency(),
            ),
        );
        self::assertNull($gift->evenWhole, 'no whole fish is cheap enough against a gift');
        self::assertSame(0, ReadyCut::of(self::char(100), $ready)->point->minor);
    }

    public function test_prices_end_as_the_house_likes(): void
    {
        self::assertSame([2350, 2350, 2450, 50], array_map(HouseEnding::of('50')->up(...), [2317, 2350, 2351, 0]));
        self::assertSame([2390, 2490], array_map(HouseEnding::of('90')->up(...), [2317, 2391]));
        self::assertSame([2320, 7500], [HouseEnding::of('0')->up(2317), HouseEnding::of('500')->up(7233)]);
        foreach (['', 'x', '12345', '-5'] as $bad) {
            try {
                HouseEnding::of($bad);
                self::fail("\"{$bad}\" was taken.");
            } catch (BadWhatIf $refused) {
                self::assertSame('/price_ending', $refused->pointer());
            }
        }
    }

    public function test_a_dish_leaves_its_band(): void
    {
        self::assertSame(
            [CostBand::Within, CostBand::Above, CostBand::Below],
            [CostBand::of(33.0, 30, 3), CostBand::of(33.1, 30, 3), CostBand::of(26.9, 30, 3)],
        );
    }

    public function test_what_is_given_away_and_what_is_too_light_stand_apart_and_add_up(): void
    {
        $pieces = array_map(Mass::ofGrams(...), [172, 160, 155, 120]);
        $given = GivenAway::of(
            new ProductCost('char', Euro::of(1701), []),
            $pieces,
            Mass::ofGrams(160),
            Mass::ofGrams(8),
        );
        self::assertSame(
            [475_000, 12_000, 120_000, 1],
            [$given->served->milligrams, $given->given->milligrams, $given->light->milligrams, $given->lightPieces],
        );
        self::assertSame(1701, $given->servedCost->minor + $given->givenCost->minor + $given->lightCost->minor);
        self::assertSame([34, 336], [$given->givenCost->minor, $given->lightCost->minor]);
        self::assertSame([34, 0, 0, 0], Euro::cents($given->givenEach));
    }
}
