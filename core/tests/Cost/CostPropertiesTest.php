<?php

declare(strict_types=1);

namespace Sectum\Tests\Cost;

use Brick\Math\BigRational;
use Eris\Generator\ChooseGenerator;
use Eris\Generator\SequenceGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Cost\Cost;
use Sectum\Cost\CostBand;
use Sectum\Cost\Credit;
use Sectum\Cost\GivenAway;
use Sectum\Cost\HouseEnding;
use Sectum\Cost\Plate;
use Sectum\Cost\Product;
use Sectum\Cost\ProductCost;
use Sectum\Cost\Purchase;
use Sectum\Cost\ReadyCut;
use Sectum\Cost\Split;
use Sectum\Cost\WhatIf;
use Sectum\Cost\Yielded;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Tests\Euro;

/** What holds for any fish, any price and any house. */
final class CostPropertiesTest extends TestCase
{
    use TestTrait;

    private static function fish(int $price, int $work, int $credit, int $yield): Yielded
    {
        return Yielded::of(
            BigRational::of($price),
            BigRational::of($work),
            BigRational::of($credit),
            BigRational::nd($yield, 10),
            Euro::currency(),
        );
    }

    public function test_over_target_light_and_served_are_the_product_to_the_milligram_and_the_cent(): void
    {
        $this->limitTo(200)
            ->forAll(
                new SequenceGenerator(new ChooseGenerator(1000, 400_000)),
                new ChooseGenerator(-5000, 90_000),
                new ChooseGenerator(50_000, 250_000),
                new ChooseGenerator(0, 40_000),
            )
            ->then(function (array $pieces, int $total, int $target, int $minus): void {
                $masses = array_map(fn (mixed $mg): Mass => Mass::ofMilligrams(is_int($mg) ? $mg : 1), [
                    ...array_values($pieces),
                    170_000,
                ]);
                $given = GivenAway::of(
                    new ProductCost('x', Euro::of($total), []),
                    $masses,
                    Mass::ofMilligrams($target),
                    Mass::ofMilligrams($minus),
                );
                self::assertSame(
                    array_sum(array_map(fn (Mass $m): int => $m->milligrams, $masses)),
                    $given->served->milligrams + $given->given->milligrams + $given->light->milligrams,
                );
                self::assertSame(
                    $total,
                    $given->servedCost->minor + $given->givenCost->minor + $given->lightCost->minor,
                );
                self::assertSame($given->givenCost->minor, array_sum(Euro::cents($given->givenEach)));
                self::assertSame(
                    count(array_filter($masses, fn (Mass $m): bool => $m->milligrams < $target - $minus)),
                    $given->lightPieces,
                );
            });
    }

    public function test_both_schools_share_out_the_same_sum_and_the_dearer_dish_never_carries_less_by_value(): void
    {
        $this->limitTo(150)
            ->forAll(
                new ChooseGenerator(500_000, 9_000_000),
                new ChooseGenerator(1, 4000),
                new ChooseGenerator(50_000, 900_000),
                new ChooseGenerator(50_000, 900_000),
                new ChooseGenerator(1, 9),
            )
            ->then(function (int $whole, int $price, int $one, int $other, int $times): void {
                $purchase = new Purchase(
                    Mass::ofMilligrams($whole),
                    Euro::perKg($price),
                    Euro::of(0),
                    BigRational::zero(),
                    Euro::of(0),
                );
                $products = [
                    new Product('dear', Mass::ofMilligrams($one), 3, BigRational::of($times + 1)),
                    new Product('plain', Mass::ofMilligrams($other), 5, BigRational::one()),
                ];
                $totals = fn (Split $split): array => array_map(
                    fn (ProductCost $p): int => $p->total->minor,
                    Cost::of($purchase, [], $products, $split)->products,
                );
                [$weight, $value] = [$totals(Split::ByWeight), $totals(Split::RelativeValue)];
                self::assertSame(array_sum($weight), array_sum($value));
                self::assertGreaterThanOrEqual($weight[0], $value[0]);
            });
    }

    public function test_a_better_yield_a_lower_price_and_a_lighter_portion_never_cost_more(): void
    {
        $plate = fn (Money $portion): Plate => Plate::of(
            $portion,
            Euro::of(180),
            BigRational::of(5),
            Euro::of(2450),
            BigRational::of(10),
            null,
        );
        $this->limitTo(200)
            ->forAll(
                new ChooseGenerator(200, 4000),
                new ChooseGenerator(0, 400),
                new ChooseGenerator(0, 200),
                new ChooseGenerator(200, 900),
                new ChooseGenerator(60, 300),
                new ChooseGenerator(0, 40),
            )
            ->then(function (int $price, int $work, int $credit, int $yield, int $grams, int $less) use (
                $plate,
            ): void {
                $now = self::fish($price, $work, $credit, $yield);
                foreach (
                    [
                        [self::fish($price, $work, $credit, $yield + $less), Mass::ofGrams($grams)],
                        [self::fish(max(0, $price - $less), $work, $credit, $yield), Mass::ofGrams($grams)],
                        [$now, Mass::ofGrams($grams - $less)],
                    ] as [$then, $portion]
                ) {
                    $what = WhatIf::of($now, Mass::ofGrams($grams), $then, $portion, $plate, 70);
                    self::assertGreaterThanOrEqual(0, $what->saves->minor);
                    self::assertSame($what->saves->minor * 70 * 52, $what->aYear?->minor);
                    self::assertSame($what->now->cost->minor - $what->then->cost->minor, $what->saves->minor);
                }
            });
    }

    public function test_at_either_break_even_price_cutting_and_buying_cost_the_same_to_a_cent(): void
    {
        $this->limitTo(200)
            ->forAll(
                new ChooseGenerator(300, 4000),
                new ChooseGenerator(0, 400),
                new ChooseGenerator(0, 200),
                new ChooseGenerator(250, 900),
                new ChooseGenerator(600, 6000),
                new ChooseGenerator(700, 1000),
            )
            ->then(function (int $price, int $work, int $credit, int $yield, int $ready, int $readyYield): void {
                $whole = self::fish($price, $work, $credit, $yield);
                $bought = fn (int $at): Yielded => self::fish($at, 0, 0, $readyYield);
                $cut = ReadyCut::of($whole, $bought($ready));
                self::assertSame($cut->ready->minor - $cut->whole->minor, $cut->saves->minor);
                // A cent of price is a little more than a cent a served kilo, so the rounding of the price shows.
                self::assertLessThanOrEqual(
                    2,
                    abs(ReadyCut::of($whole, $bought($cut->evenReady->perKg->minor))->saves->minor),
                );
                if ($cut->evenWhole !== null) {
                    self::assertLessThanOrEqual(
                        4,
                        abs(
                            ReadyCut::of(
                                self::fish($cut->evenWhole->perKg->minor, $work, $credit, $yield),
                                $bought($ready),
                            )
                                ->saves->minor,
                        ),
                    );
                }
                self::assertGreaterThanOrEqual(0, $cut->point->minor);
            });
    }

    public function test_a_house_price_is_the_next_one_up_with_its_ending(): void
    {
        $this->limitTo(300)
            ->forAll(new ChooseGenerator(0, 900_000), new ChooseGenerator(0, 9999), new ChooseGenerator(1, 4))
            ->then(function (int $minor, int $ending, int $digits): void {
                $text = substr(sprintf('%04d', $ending), -$digits);
                $price = HouseEnding::of($text)->up($minor);
                self::assertSame($text, substr(sprintf('%07d', $price), -$digits));
                self::assertGreaterThanOrEqual($minor, $price);
                self::assertLessThan($minor + 10 ** $digits, $price);
            });
    }

    public function test_a_dish_is_in_exactly_one_place_beside_its_band(): void
    {
        $this->limitTo(200)
            ->forAll(new ChooseGenerator(0, 1200), new ChooseGenerator(1, 600), new ChooseGenerator(0, 100))
            ->then(function (int $cost, int $target, int $points): void {
                $band = CostBand::of($cost / 10, $target / 10, $points / 10);
                $off = $cost - $target;
                self::assertSame(
                    $band === CostBand::Within,
                    abs($off) <= $points + 1e-9 || abs(abs($off) - $points) < 1e-6,
                );
                self::assertSame($band === CostBand::Above, $off > $points);
            });
    }

    public function test_what_trim_brings_lowers_the_net_by_just_that(): void
    {
        $net = fn (Credit ...$credits): int => Cost::of(
            new Purchase(Mass::ofGrams(4210), Euro::perKg(1390), Euro::of(250), BigRational::of(14), Euro::of(1860)),
            array_values($credits),
            [new Product('x', Mass::ofGrams(2380), 14, BigRational::one())],
            Split::ByWeight,
        )->net->minor;
        $this->limitTo(100)
            ->forAll(new ChooseGenerator(1, 3_000_000), new ChooseGenerator(0, 2000), new ChooseGenerator(0, 9000))
            ->then(function (int $mass, int $value, int $returned) use ($net): void {
                $credit = Credit::at(Mass::ofMilligrams($mass), Euro::perKg($value));
                self::assertSame($net() - $credit->worth->minor, $net($credit));
                self::assertSame(
                    $net() - $credit->worth->minor - $returned,
                    $net($credit, Credit::returned(Mass::ofMilligrams($mass), Euro::of($returned))),
                );
            });
    }
}
