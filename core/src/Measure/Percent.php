<?php

declare(strict_types=1);

namespace Sectum\Measure;

/** A share written as people say it: 12.5 is 12.5 %. */
final readonly class Percent
{
    private function __construct(public float $value)
    {
    }

    public static function of(float $value): self
    {
        return new self($value);
    }

    /** What share one mass is of another; null when the other is nothing. */
    public static function share(Mass $part, Mass $whole): ?self
    {
        return $whole->milligrams === 0 ? null : new self((100 * $part->milligrams) / $whole->milligrams);
    }

    /** "63.2 %", or "63.2 ± 0.4 %" with a spread. */
    public function print(?float $sd = null, int $decimals = 1): string
    {
        $spread = $sd === null ? '' : ' ± '.number_format($sd, $decimals, '.', '');

        return number_format($this->value, $decimals, '.', '').$spread.' %';
    }
}
