<?php

declare(strict_types=1);

namespace Sectum\Portion\Together;

/** What fish that nobody cut yet should give of one dish: on average, and with a certainty. */
final readonly class UncutPortions
{
    /** Squared off and lost at the tail, as a share of a fillet. Our estimate. */
    private const ENDS = 0.03;

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
        $all = [1.0];
        foreach ($fish as $one) {
            $all = self::joined($all, self::ofOne($one, $target));
        }
        $expected = 0.0;
        foreach ($all as $portions => $chance) {
            $expected += $portions * $chance;
        }
        $tail = 0.0;
        for ($sure = count($all) - 1; $sure > 0; $sure--) {
            $tail += $all[$sure];
            if ($tail >= $certainty) {
                break;
            }
        }

        return new self($expected, $sure);
    }

    /** @return array<int, float> chance by portions */
    private static function ofOne(UncutSides $fish, float $target): array
    {
        $chances = [];
        $perSide = (1 - self::ENDS) / $fish->sides;
        $most = (int) floor((($fish->meanGrams + 5 * $fish->sdGrams) * $perSide) / $target);
        for ($each = 0; $each <= $most; $each++) {
            $from = ($each * $target) / $perSide;
            $to = (($each + 1) * $target) / $perSide;
            $chances[$each * $fish->sides] = ($each === 0 ? 1.0 : $fish->above($from)) -
                ($each === $most ? 0.0 : $fish->above($to));
        }

        return $chances;
    }

    /**
     * @param  array<int, float>  $some
     * @param  array<int, float>  $more
     * @return array<int, float>
     */
    private static function joined(array $some, array $more): array
    {
        $sum = array_fill(0, max(array_keys($some)) + max(array_keys($more)) + 1, 0.0);
        foreach ($some as $i => $a) {
            foreach ($more as $j => $b) {
                $sum[$i + $j] += $a * $b;
            }
        }

        return $sum;
    }
}
