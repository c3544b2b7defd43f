<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Hold\BadHold;

/** How strong a brine is, in percent of its mass, and in the degrees of a salometer. */
final readonly class Strength
{
    /** A saturated brine, percent of its mass. */
    public const SATURATED = 26.395;

    /**
     * @param  float  $pct  above 0, up to saturation
     *
     * @throws BadHold which names the figure
     */
    public function __construct(public float $pct)
    {
        ($pct > 0 && $pct <= self::SATURATED) ||
            throw new BadHold(
                'A brine is above 0 and up to 26.4 % strong: no more salt dissolves.',
                $pct,
                '/strength_pct',
            );
    }

    /** As a hydrometer says it: 0 to 100 degrees. */
    public static function ofDegrees(float $degrees): self
    {
        return new self(($degrees * self::SATURATED) / 100);
    }

    public function degrees(): float
    {
        return (100 * $this->pct) / self::SATURATED;
    }
}
