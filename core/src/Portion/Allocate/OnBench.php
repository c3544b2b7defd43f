<?php

declare(strict_types=1);

namespace Sectum\Portion\Allocate;

use Sectum\Portion\BadFillet;

/** A fillet that lies on the bench, to be cut into whole pieces. */
final readonly class OnBench
{
    /**
     * @param  float  $massGrams  above 0, up to 100 kg
     * @param  float  $availableGrams  what is left after squaring and the tail, 0 to its mass
     *
     * @throws BadFillet which names the figure
     */
    public function __construct(public string $id, public float $massGrams, public float $availableGrams)
    {
        ($massGrams > 0 && $massGrams <= 100_000) ||
            throw new BadFillet('A fillet weighs more than nothing and up to 100 kg.', $massGrams, '/mass_g');
        ($availableGrams >= 0 && $availableGrams <= $massGrams) ||
            throw new BadFillet(
                'What can be cut of a fillet is no more than the fillet.',
                $availableGrams,
                '/available_g',
            );
    }
}
