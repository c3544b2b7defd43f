<?php

declare(strict_types=1);

namespace Sectum\Cost;

use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/**
 * A product's cost in the part its dish asks for, the part given away above the target, and the part in pieces too
 * light for it.
 */
final readonly class GivenAway
{
    /** @param  list<Money>  $givenEach  in the order of the pieces; they add up to what is given away */
    private function __construct(
        public Mass $served,
        public Money $servedCost,
        public Mass $given,
        public Money $givenCost,
        public Mass $light,
        public Money $lightCost,
        public int $lightPieces,
        public array $givenEach,
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
        [$servedCost, $givenCost, $lightCost] = $cost->total->split([
            $served->milligrams,
            $given->milligrams,
            $light->milligrams,
        ]);

        return new self(
            $served,
            $servedCost,
            $given,
            $givenCost,
            $light,
            $lightCost,
            $lightPieces,
            $given->isPositive()
                ? $givenCost->split($overs)
                : array_map(fn (): Money => Money::zero($givenCost->currency), $overs),
        );
    }
}
