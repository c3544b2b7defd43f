<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

use Sectum\Math\Counted;
use Sectum\Math\Normal;

/** What fish that nobody cut yet should give of one dish: on average, and with a certainty. */
final readonly class UncutPortions
{
    /** Squared off and lost at the tail, as a share of a fillet. Our estimate. */
    public const ENDS = 0.03;

    private function __construct(public float $expected, public int $sure)
    {
    }

    /**
     * Every fish gives its fillets, normal around what is expected of it, and whole portions off each side; what all
     * give together is summed exactly.
     *
     * @param  list<UncutSides>  $fish
     * @param  float  $target  of a portion, above 0
     * @param  float  $certainty  above 0, below 1
     */
    public static function of(array $fish, float $target, float $certainty = 0.9): self
    {
        $target > 0 || throw new BadBatch('A portion weighs more than nothing.', $target, '/target_g');
        $all = new Counted([1.0]);
        foreach ($fish as $one) {
            $all = $all->and(self::ofOne($one, $target));
        }

        return new self($all->mean(), $all->atLeast($certainty));
    }

    private static function ofOne(UncutSides $fish, float $target): Counted
    {
        $perSide = (1 - self::ENDS) / $fish->sides;
        $most = (int) floor((($fish->meanGrams + 5 * $fish->sdGrams) * $perSide) / $target);
        $reaches = fn (int $each): float => Normal::reaches(
            ($each * $target) / $perSide,
            $fish->meanGrams,
            $fish->sdGrams,
        );
        $chances = [];
        for ($portions = 0; $portions <= $most * $fish->sides; $portions++) {
            $each = intdiv($portions, $fish->sides);
            $chances[] = $portions % $fish->sides > 0
                ? 0.0
                : ($each === 0 ? 1.0 : $reaches($each)) - ($each === $most ? 0.0 : $reaches($each + 1));
        }

        return new Counted($chances);
    }
}
