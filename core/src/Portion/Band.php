<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Mass;

/** The weight a portion should have, and how far from it a piece is still servable. */
final readonly class Band
{
    private function __construct(public Mass $target, public Mass $minus, public Mass $plus)
    {
    }

    /**
     * @param  Mass  $target  above zero
     * @param  Mass  $minus  how much lighter is still servable, less than the target
     * @param  Mass  $plus  how much heavier is not yet given away
     *
     * @throws BadBand when the target is nothing or the band is as wide as the target
     */
    public static function of(Mass $target, Mass $minus, Mass $plus): self
    {
        if (! $target->isPositive()) {
            throw new BadBand('A portion has to weigh something.', $target->milligrams, '/target_mg');
        }
        if ($minus->isNegative() || $plus->isNegative()) {
            throw new BadBand(
                'A band is given as two weights, both zero or more.',
                $minus->isNegative() ? $minus->milligrams : $plus->milligrams,
                $minus->isNegative() ? '/minus_mg' : '/plus_mg',
            );
        }
        if (! $target->minus($minus)->isPositive()) {
            throw new BadBand(
                'The band is as wide as the portion itself: nothing would ever be too small.',
                $minus->milligrams,
                '/minus_mg',
            );
        }

        return new self($target, $minus, $plus);
    }

    public function place(Mass $piece): Placed
    {
        $off = $piece->minus($this->target)->milligrams;

        return match (true) {
            $off < -$this->minus->milligrams => Placed::Under,
            $off > $this->plus->milligrams => Placed::Over,
            default => Placed::Within,
        };
    }
}
