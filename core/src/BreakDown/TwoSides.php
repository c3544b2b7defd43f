<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;

/** The two sides of one fish beside each other: they should be alike. */
final readonly class TwoSides
{
    /** Percent of their mean by which two well-cut sides differ. Estimate. */
    private const ALIKE_WITHIN_PCT = 6.0;

    private function __construct(public Mass $heavier, public Mass $lighter, public bool $firstIsHeavier)
    {
    }

    public static function of(Mass $first, Mass $second): self
    {
        return $first->milligrams >= $second->milligrams
            ? new self($first, $second, true)
            : new self($second, $first, false);
    }

    public function difference(): Mass
    {
        return $this->heavier->minus($this->lighter);
    }

    /** Of their mean, 0 or more; 0 when neither weighs anything. */
    public function differencePct(): float
    {
        $sum = $this->heavier->grams() + $this->lighter->grams();

        return $sum <= 0 ? 0.0 : (200 * $this->difference()->grams()) / $sum;
    }

    public function areAlike(): bool
    {
        return $this->differencePct() <= self::ALIKE_WITHIN_PCT;
    }
}
