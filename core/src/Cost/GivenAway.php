<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Math\LargestRemainder;
use Sectum\Measure\Mass;

/**
 * A product's cost in the part its dish asks for, the part given away above the target, and the part in pieces too
 * light for it.
 */
final readonly class GivenAway
{
    /** @param  list<int>  $givenEachMinor  in the order of the pieces; they add up to what is given away */
    private function __construct(
        public Mass $served,
        public int $servedMinor,
        public Mass $given,
        public int $givenMinor,
        public Mass $light,
        public int $lightMinor,
        public int $lightPieces,
        public array $givenEachMinor,
    ) {
    }

    /**
     * @param  ProductCost  $cost  of the product whose pieces these are
     * @param  list<Mass>  $pieces  each above zero, at least one
     * @param  Mass  $target  what a portion is meant to weigh
     * @param  Mass  $minus  how much lighter it may be
     */
    public static function of(ProductCost $cost, array $pieces, Mass $target, Mass $minus): self
    {
        $served = $given = $light = Mass::zero();
        $lightPieces = 0;
        $overs = [];
        $least = $target->minus($minus)->milligrams;
        foreach ($pieces as $piece) {
            $over = Mass::ofMilligrams(max(0, $piece->milligrams - $target->milligrams));
            $overs[] = $over->milligrams;
            if ($piece->milligrams < $least) {
                $light = $light->plus($piece);
                $lightPieces++;

                continue;
            }
            $given = $given->plus($over);
            $served = $served->plus($piece->minus($over));
        }
        [$servedMinor, $givenMinor, $lightMinor] = LargestRemainder::split($cost->totalMinor, [
            $served->milligrams,
            $given->milligrams,
            $light->milligrams,
        ]);

        return new self(
            $served,
            $servedMinor,
            $given,
            $givenMinor,
            $light,
            $lightMinor,
            $lightPieces,
            $given->isPositive() ? LargestRemainder::split($givenMinor, $overs) : $overs,
        );
    }
}
