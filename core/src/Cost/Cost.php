<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigRational;
use Sectum\Math\LargestRemainder;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/**
 * What a fish's edible kilo and each of its portions cost.
 *
 * Invoice, less what the trim is worth, plus labour; each rounded half up to a minor unit on its own, so that every
 * total is the sum of the lines shown above it.
 */
final readonly class Cost
{
    /**
     * @param  list<int>  $creditsMinor  in the order of the credits
     * @param  int  $netMinor  invoice − credits + labour; below zero when the trim is worth more than the fish cost
     * @param  int  $edibleCostPerKgMinor  net over the mass of all products
     * @param  float|null  $costFactor  edible cost over purchase price, both a kilo; null for a fish that was given
     * @param  list<ProductCost>  $products  in the order of the products; they add up to the net
     */
    private function __construct(
        public int $invoiceMinor,
        public array $creditsMinor,
        public int $labourMinor,
        public int $netMinor,
        public int $edibleCostPerKgMinor,
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
        $invoice = self::atPerKg($purchase->mass, $purchase->pricePerKgMinor) + $purchase->deliveryMinor;
        $creditsMinor = array_map(fn (Credit $credit): int => $credit->minor, $credits);
        $labour = Money::toMinor($purchase->labourMinutes->multipliedBy($purchase->labourRateMinor)->dividedBy(60));
        $net = $invoice - array_sum($creditsMinor) + $labour;

        $mass = array_reduce(
            $products,
            fn (Mass $sum, Product $product): Mass => $sum->plus($product->mass),
            Mass::zero(),
        );
        $perKg = BigRational::nd($net, $mass->milligrams)->multipliedBy(1_000_000);

        $totals = LargestRemainder::split(
            $net,
            array_map(
                fn (Product $product) => BigRational::of($product->mass->milligrams)->multipliedBy(
                    $split === Split::RelativeValue ? $product->relativeValue : 1,
                ),
                $products,
            ),
        );

        return new self(
            $invoice,
            $creditsMinor,
            $labour,
            $net,
            Money::toMinor($perKg),
            $purchase->pricePerKgMinor === 0 ? null : $perKg->dividedBy($purchase->pricePerKgMinor)->toFloat(),
            array_map(
                fn (Product $product, int $total) => new ProductCost(
                    $product->id,
                    $total,
                    LargestRemainder::split($total, $product->pieceWeights()),
                ),
                $products,
                $totals,
            ),
        );
    }

    private static function atPerKg(Mass $mass, int $perKgMinor): int
    {
        return Money::toMinor(BigRational::nd($mass->milligrams, 1_000_000)->multipliedBy($perKgMinor));
    }
}
