<?php

declare(strict_types=1);

namespace Sectum\Portion\Cooking;

use Sectum\Portion\BadFillet;

/** A piece and how thick it is at its ends. */
final readonly class PieceToCook
{
    /**
     * @param  float  $thinMm  above 0
     * @param  float  $thickMm  no less than the former
     *
     * @throws BadFillet when it is no thickness
     */
    public function __construct(public string $id, public float $thinMm, public float $thickMm)
    {
        ($thinMm > 0 && $thickMm >= $thinMm) ||
            throw new BadFillet(
                'A piece is thicker than nothing, and no thinner at its thick end.',
                $thinMm,
                '/thickness_mm',
            );
    }

    /** How unevenly it heats through by itself: time goes with thickness squared. */
    public function index(): float
    {
        return ($this->thickMm / $this->thinMm) ** 2;
    }
}
