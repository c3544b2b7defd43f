<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** A chance, as a frequency: people judge "1 night in 40" better than 2.5 %. */
final readonly class Chance
{
    /** Seldomer than this it is as good as never; up to that it is once in so many; oftener, so often in twenty. */
    private const NEVER_PCT = 0.1;

    private const ONCE_PCT = 20;

    private const ALWAYS_PCT = 99.95;

    /**
     * @param  int|null  $times  of `nights`; null for as good as never
     */
    private function __construct(public ?int $times, public int $nights)
    {
    }

    /** @param  float  $pct  0 to 100 */
    public static function of(float $pct): self
    {
        return match (true) {
            $pct < self::NEVER_PCT => new self(null, 1000),
            $pct <= self::ONCE_PCT => new self(1, (int) round(100 / $pct)),
            $pct >= self::ALWAYS_PCT => new self(1, 1),
            default => new self((int) round($pct / 5), 20),
        };
    }
}
