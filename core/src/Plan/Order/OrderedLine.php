<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** Fish of one kind as they were ordered. */
final readonly class OrderedLine
{
    /**
     * @param  int  $fish  1 or more
     * @param  int  $fromGrams  lightest of the grade
     * @param  int  $toGrams  heaviest
     * @param  int  $minorPerKg  price a kilo, minor units
     */
    public function __construct(
        public string $species,
        public int $fish,
        public int $fromGrams,
        public int $toGrams,
        public int $minorPerKg,
    ) {
    }
}
