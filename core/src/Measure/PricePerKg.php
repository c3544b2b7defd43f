<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Brick\Math\BigRational;

/** What a kilo costs, brings or is worth. */
final readonly class PricePerKg
{
    private function __construct(public Money $perKg)
    {
    }

    public static function of(Money $perKg): self
    {
        return new self($perKg);
    }

    public static function ofMinor(int $minor, Currency $currency): self
    {
        return new self(Money::ofMinor($minor, $currency));
    }

    /** So much of it comes to this, rounded half up once. */
    public function times(Mass $mass): Money
    {
        return $this->perKg->multipliedBy(BigRational::nd($mass->milligrams, 1_000_000));
    }

    /** So many percent of it, rounded half up once. */
    public function share(int $pct): self
    {
        return $pct === 100 ? $this : new self($this->perKg->multipliedBy(BigRational::nd($pct, 100)));
    }

    public function isZero(): bool
    {
        return $this->perKg->minor === 0;
    }
}
