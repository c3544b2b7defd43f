<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\PricePerKg;

/**
 * What a fish's edible kilo and each of its portions cost.
 *
 * Invoice, less what the supplier credited and what the trim is worth, plus labour; each rounded half up to a minor
 * unit on its own, so that every total is the sum of the lines shown above it.
 */
final readonly class Cost
{
    /**
     * @param  list<Money>  $credits  in the order of the credits
     * @param  Money  $credited  what its supplier credited, taken off the invoice
     * @param  Money  $net  invoice − credited − credits + labour; below zero when the trim is worth more
     * @param  PricePerKg  $edible  net over the mass of all products
     * @param  float|null  $costFactor  edible cost over purchase price, both a kilo; null for a fish that was given
     * @param  list<ProductCost>  $products  in the order of the products; they add up to the net
     */
    private function __construct(
        public Money $invoice,
        public Money $credited,
        public array $credits,
        public Money $labour,
        public Money $net,
        public PricePerKg $edible,
        public ?float $costFactor,
        public array $products,
    ) {
    }

    /**
     * @param  list<Credit>  $credits
     * @param  list<Product>  $products
     *
     * @throws NothingToCost when there is no product
     */
    public static function of(Purchase $purchase, array $credits, array $products, Split $split): self
    {
        if ($products === []) {
            throw new NothingToCost(
                'Nothing has been cut to portions yet, so there is nothing to carry the cost.',
                [],
                '/products',
            );
        }
        $invoice = $purchase->price->times($purchase->mass)->plus($purchase->delivery);
        $worth = array_map(fn (Credit $credit): Money => $credit->worth, $credits);
        $labour = $purchase->labourPerHour->multipliedBy($purchase->labourMinutes->dividedBy(60));
        $credited = $purchase->credited ?? Money::zero($invoice->currency);
        $net = $invoice->minus($credited)->minus(Money::sum($worth, $invoice->currency))->plus($labour);

        $mass = array_reduce(
            $products,
            fn (Mass $sum, Product $product): Mass => $sum->plus($product->mass),
            Mass::zero(),
        );
        $totals = $net->split(
            array_map(
                fn (Product $product) => BigRational::of($product->mass->milligrams)->multipliedBy(
                    $split === Split::RelativeValue ? $product->relativeValue : 1,
                ),
                $products,
            ),
        );

        return new self(
            $invoice,
            $credited,
            $worth,
            $labour,
            $net,
            $net->per($mass),
            self::factor($net, $mass, $purchase->price),
            array_map(
                fn (Product $product, Money $total) => new ProductCost(
                    $product->id,
                    $total,
                    $total->split($product->pieceWeights()),
                ),
                $products,
                $totals,
            ),
        );
    }

    private static function factor(Money $net, Mass $mass, PricePerKg $price): ?float
    {
        return $price->isZero()
            ? null
            : BigRational::nd($net->minor, $mass->milligrams)
                ->multipliedBy(1_000_000)
                ->dividedBy($price->perKg->minor)
                ->toFloat();
    }
}
