<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/**
 * What some rows say of one mass: misfit + precision·(mass − mean)², the least sum of squared residuals at
 * that mass.
 */
final readonly class Belief
{
    /** A row leans on a mass by less than this: it says nothing of it. */
    private const NOTHING = 1e-9;

    /**
     * @param  float  $precision  one over the variance, 1/g²; 0 when the rows say nothing of the mass
     * @param  float  $mean  grams; 0 when they say nothing
     * @param  float  $misfit  how far the rows disagree among themselves, 0 or more
     */
    public function __construct(
        public float $precision = 0.0,
        public float $mean = 0.0,
        public float $misfit = 0.0,
    ) {
    }

    /** What one row says: weight·(coefficient·mass − target)². */
    public static function ofRow(float $weight, float $coefficient, float $target): self
    {
        return abs($coefficient) < self::NOTHING
            ? new self(0.0, 0.0, $weight * $target ** 2)
            : new self($weight * $coefficient ** 2, $target / $coefficient);
    }

    /** Both together: every term is a sum of what is not negative, so that nothing cancels. */
    public function and(self $other): self
    {
        $precision = $this->precision + $other->precision;
        $misfit = $this->misfit + $other->misfit;
        if ($precision <= 0) {
            return new self(0.0, 0.0, $misfit);
        }

        return new self(
            $precision,
            ($this->precision * $this->mean + $other->precision * $other->mean) / $precision,
            $misfit + ($this->precision / $precision) * $other->precision * ($this->mean - $other->mean) ** 2,
        );
    }

    public function saysNothing(): bool
    {
        return $this->precision <= 0;
    }
}
