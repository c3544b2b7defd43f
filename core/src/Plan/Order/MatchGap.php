<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** One difference between an order and its delivery. */
final readonly class MatchGap
{
    /**
     * @param  string  $species  it is about
     * @param  float  $ordered  fish, grams of one, or minor units a kilo, by its kind
     * @param  float  $came  the same
     * @param  string|null  $instead  the kind that came in its place
     */
    public function __construct(
        public MatchKind $kind,
        public string $species,
        public float $ordered,
        public float $came,
        public ?string $instead = null,
    ) {
    }
}
