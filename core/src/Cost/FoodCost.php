<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Sectum\Measure\Money;

/**
 * What the fish of a period cost, what it should have cost, and where the difference went. Minor units of one currency.
 *
 * The difference falls apart without rest, in this order: price, yield, portion, waste, unaccounted. The five parts are
 * rounded by largest remainder, so that they add up to it.
 */
final readonly class FoodCost
{
    private function __construct(
        public int $actual,
        public int $standard,
        public int $price,
        public int $yield,
        public int $portion,
        public int $waste,
        public int $unaccounted,
        public ?float $actualPct,
        public ?float $standardPct,
    ) {
    }

    public static function of(FoodCostLine $line): self
    {
        $served = $meant = BigRational::zero();
        foreach ($line->portions as [$count, $each, $target]) {
            $served = $served->plus(BigRational::of($each)->multipliedBy($count));
            $meant = $meant->plus(BigRational::of($target)->multipliedBy($count));
        }
        $edible = $served->plus($line->waste)->plus($line->unaccounted);
        // Grams bought for a gram that is eaten, a thousandth of it in kilos.
        $bought = self::perEdible($line->yield);
        $standard = self::perEdible($line->standardYield);
        $parts = [
            $edible->multipliedBy($bought)->multipliedBy($line->price - $line->standardPrice),
            $edible->multipliedBy($bought->minus($standard))->multipliedBy($line->standardPrice),
            $served->minus($meant)->multipliedBy($standard)->multipliedBy($line->standardPrice),
            $standard->multipliedBy($line->waste)->multipliedBy($line->standardPrice),
            $standard->multipliedBy($line->unaccounted)->multipliedBy($line->standardPrice),
        ];
        $actual = Money::toMinor($edible->multipliedBy($bought)->multipliedBy($line->price));
        $should = Money::toMinor($meant->multipliedBy($standard)->multipliedBy($line->standardPrice));

        [$price, $yield, $portion, $waste, $unaccounted] = self::parts($parts, $actual - $should);

        return new self(
            $actual,
            $should,
            $price,
            $yield,
            $portion,
            $waste,
            $unaccounted,
            ...self::percents($actual, $should, $line->netSales),
        );
    }

    /**
     * The sum of the rounded lines. Its per cent are only of a period in which every line has sales.
     *
     * @param  list<self>  $all
     * @param  list<int>  $sales  of each
     */
    public static function total(array $all, array $sales): self
    {
        $sum = fn (callable $of): int => array_sum(array_map($of, $all));
        $actual = $sum(fn (self $one): int => $one->actual);
        $standard = $sum(fn (self $one): int => $one->standard);

        return new self(
            $actual,
            $standard,
            $sum(fn (self $one): int => $one->price),
            $sum(fn (self $one): int => $one->yield),
            $sum(fn (self $one): int => $one->portion),
            $sum(fn (self $one): int => $one->waste),
            $sum(fn (self $one): int => $one->unaccounted),
            ...self::percents($actual, $standard, in_array(0, $sales, true) ? 0 : array_sum($sales)),
        );
    }

    private static function perEdible(BigNumber $yieldPct): BigRational
    {
        return BigRational::of(100)->dividedBy($yieldPct)->dividedBy(1000);
    }

    /**
     * @param  array{BigRational, BigRational, BigRational, BigRational, BigRational}  $parts
     * @return array{int, int, int, int, int} that add up to the whole
     */
    private static function parts(array $parts, int $whole): array
    {
        $floors = array_map(
            fn (BigRational $part): int => $part->toScale(0, RoundingMode::FLOOR)->toInt(),
            $parts,
        );
        $order = array_keys($parts);
        $rest = fn (int $i): BigRational => $parts[$i]->minus($floors[$i]);
        usort($order, fn (int $a, int $b): int => $rest($b)->compareTo($rest($a)));
        foreach (array_slice($order, 0, $whole - array_sum($floors)) as $i) {
            $floors[$i]++;
        }

        return $floors;
    }

    /** @return array{float|null, float|null} */
    private static function percents(int $actual, int $standard, int $sales): array
    {
        return $sales === 0 ? [null, null] : [100 * $actual / $sales, 100 * $standard / $sales];
    }
}
