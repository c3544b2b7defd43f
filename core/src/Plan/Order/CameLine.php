<?php

declare(strict_types=1);

namespace Sectum\Plan\Order;

/** Fish of one kind as they came. */
final readonly class CameLine
{
    /**
     * @param  int  $fish  0 or more
     * @param  int  $milligrams  of all together; 0 while none was weighed
     * @param  float|null  $minorPerKg  invoiced a kilo, minor units; null when it is not by weight, or unknown
     */
    public function __construct(
        public string $species,
        public int $fish,
        public int $milligrams,
        public ?float $minorPerKg,
    ) {
    }
}
