<?php

declare(strict_types=1);

namespace Sectum\Math;

use Brick\Math\BigInteger;
use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Splits a whole number over shares so that the parts always add up to it (the method of largest remainders). */
final readonly class LargestRemainder
{
    /**
     * Each part is its exact share cut down to a whole number; what is then missing goes, one each, to the largest
     * fractions, the first of equals first.
     *
     * @param  int  $total  minor units or milligrams; may be negative
     * @param  list<BigNumber|int>  $weights  none negative, not all zero
     * @return list<int> one part a weight, in the same order
     *
     * @throws UnsplittableTotal when the weights are negative or add up to nothing
     */
    public static function split(int $total, array $weights): array
    {
        $small = self::small($total, $weights);
        if ($small !== null) {
            return $small;
        }
        $sum = BigRational::zero();
        foreach ($weights as $weight) {
            $weight = BigRational::of($weight);
            if ($weight->isNegative()) {
                throw new UnsplittableTotal('A share cannot be below zero.', (string) $weight);
            }
            $sum = $sum->plus($weight);
        }
        if ($sum->isZero()) {
            throw new UnsplittableTotal('There is nothing to split over: every share is zero.', $total);
        }
        $parts = [];
        $fractions = [];
        foreach ($weights as $i => $weight) {
            $exact = BigRational::of($weight)->multipliedBy($total)->dividedBy($sum);
            $whole = self::floor($exact);
            $parts[$i] = $whole->toInt();
            $fractions[$i] = $exact->minus($whole);
        }
        $order = array_keys($fractions);
        // PHP's sort is stable, so equals keep their order.
        usort($order, fn (int $a, int $b): int => $fractions[$b]->compareTo($fractions[$a]));
        foreach (array_slice($order, 0, $total - array_sum($parts)) as $i) {
            $parts[$i]++;
        }

        return array_values($parts);
    }

    /**
     * The same in the machine's own whole numbers, where nothing can grow beyond them.
     *
     * @param  list<BigNumber|int>  $weights
     * @return list<int>|null null where they may not be enough
     */
    private static function small(int $total, array $weights): ?array
    {
        $sum = 0;
        $whole = [];
        foreach ($weights as $weight) {
            if (! is_int($weight) || $weight < 0 || $weight > PHP_INT_MAX - $sum) {
                return null;
            }
            $sum += $weight;
            $whole[] = $weight;
        }
        if ($sum === 0 || abs($total) > intdiv(PHP_INT_MAX, $sum)) {
            return null;
        }
        $parts = $left = [];
        foreach ($whole as $weight) {
            $rest = ($total * $weight) % $sum;
            // Cut down, also below nothing.
            $rest += $rest < 0 ? $sum : 0;
            $left[] = $rest;
            $parts[] = intdiv($total * $weight - $rest, $sum);
        }
        arsort($left);
        foreach (array_slice(array_keys($left), 0, $total - array_sum($parts)) as $i) {
            $parts[$i]++;
        }

        return array_values($parts);
    }

    private static function floor(BigRational $number): BigInteger
    {
        return $number->toScale(0, RoundingMode::FLOOR)->toBigInteger();
    }
}
