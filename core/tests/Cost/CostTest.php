<?php

declare(strict_types=1);

namespace Sectum\Tests\Cost;

use Brick\Math\BigRational;
use Eris\Generator\ChooseGenerator;
use Eris\Generator\SequenceGenerator;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Cost\Cost;
use Sectum\Cost\Credit;
use Sectum\Cost\NothingToCost;
use Sectum\Cost\Product;
use Sectum\Cost\ProductCost;
use Sectum\Cost\Purchase;
use Sectum\Cost\Split;
use Sectum\Measure\Mass;
use Sectum\Tests\Euro;

final class CostTest extends TestCase
{
    use TestTrait;

    private static function worked(Split $split): Cost
    {
        return Cost::of(
            new Purchase(Mass::ofGrams(4210), Euro::perKg(1390), Euro::of(250), BigRational::of(14), Euro::of(1860)),
            [Credit::at(Mass::ofGrams(1170), Euro::perKg(120)), Credit::at(Mass::ofGrams(140), Euro::perKg(900))],
            [
                new Product('plate', Mass::ofGrams(2380), 14, BigRational::of(3)),
                new Product('tasting', Mass::ofGrams(280), 4, BigRational::of(2)),
            ],
            $split,
        );
    }

    public function test_the_worked_fish(): void
    {
        $cost = self::worked(Split::ByWeight);
        self::assertSame(6102, $cost->invoice->minor);
        self::assertSame([140, 126], Euro::cents($cost->credits));
        self::assertSame(434, $cost->labour->minor);
        self::assertSame(6270, $cost->net->minor);
        self::assertSame(2357, $cost->edible->perKg->minor);
        self::assertEqualsWithDelta(1.6958, $cost->costFactor, 0.00005);
        self::assertSame([5610, 660], array_map(fn (ProductCost $p): int => $p->total->minor, $cost->products));
        self::assertSame(
            [5814, 456],
            array_map(fn (ProductCost $p): int => $p->total->minor, self::worked(Split::RelativeValue)->products),
        );
    }

    public function test_every_total_is_the_sum_of_its_parts(): void
    {
        $this->limitTo(120)
            ->forAll(
                new ChooseGenerator(100, 20_000_000),
                new ChooseGenerator(0, 9_000),
                new SequenceGenerator(new ChooseGenerator(1, 900_000)),
                new SequenceGenerator(new ChooseGenerator(1, 900_000)),
            )
            ->then(function (int $mass, int $price, array $credits, array $pieces): void {
                $masses = array_map(fn (mixed $mg): Mass => Mass::ofMilligrams(is_int($mg) ? $mg : 1), [
                    ...array_values($pieces),
                    170_000,
                ]);
                $whole = array_reduce($masses, fn (Mass $sum, Mass $m): Mass => $sum->plus($m), Mass::zero());
                $cost = Cost::of(
                    new Purchase(
                        Mass::ofMilligrams($mass),
                        Euro::perKg($price),
                        Euro::of(17),
                        BigRational::nd(29, 3),
                        Euro::of(1861),
                    ),
                    array_map(
                        fn (mixed $mg): Credit => Credit::at(
                            Mass::ofMilligrams(is_int($mg) ? $mg : 1),
                            Euro::perKg(333),
                        ),
                        array_values($credits),
                    ),
                    [
                        new Product('a', $whole, $masses, BigRational::of(3)),
                        new Product('b', Mass::ofGrams(70), 3, BigRational::one()),
                    ],
                    Split::RelativeValue,
                );
                self::assertSame(
                    $cost->net->minor,
                    $cost->invoice->minor - array_sum(Euro::cents($cost->credits)) + $cost->labour->minor,
                );
                self::assertSame(
                    $cost->net->minor,
                    array_sum(array_map(fn (ProductCost $p): int => $p->total->minor, $cost->products)),
                );
                foreach ($cost->products as $product) {
                    self::assertSame($product->total->minor, array_sum(Euro::cents($product->pieces)));
                }
            });
    }

    public function test_trim_worth_more_than_the_fish_makes_a_negative_net_that_still_adds_up(): void
    {
        $cost = Cost::of(
            new Purchase(Mass::ofGrams(100), Euro::perKg(100), Euro::of(0), BigRational::zero(), Euro::of(0)),
            [Credit::at(Mass::ofGrams(1000), Euro::perKg(500))],
            [new Product('p', Mass::ofGrams(50), 3, BigRational::one())],
            Split::ByWeight,
        );
        self::assertSame(-490, $cost->net->minor);
        self::assertSame([-163, -163, -164], Euro::cents($cost->products[0]->pieces));
        self::assertNull(
            Cost::of(
                new Purchase(Mass::ofGrams(100), Euro::perKg(0), Euro::of(0), BigRational::zero(), Euro::of(0)),
                [],
                [new Product('p', Mass::ofGrams(50), 1, BigRational::one())],
                Split::ByWeight,
            )->costFactor,
        );
    }

    public function test_nothing_carries_no_cost(): void
    {
        $this->expectException(NothingToCost::class);
        Cost::of(
            new Purchase(Mass::ofGrams(100), Euro::perKg(0), Euro::of(0), BigRational::zero(), Euro::of(0)),
            [],
            [],
            Split::ByWeight,
        );
    }
}
