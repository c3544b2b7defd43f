<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Brick\Math\BigRational;
use Sectum\Measure\Mass;

/** Something found in a fish when it was cut, that its supplier is to hear of. */
final readonly class FoundInside
{
    /**
     * @param  string  $name  the fish, as the kitchen calls it
     * @param  Mass|null  $mass  what it cost in weight; null when nobody weighed it
     * @param  BigRational|null  $pricePerKg  minor units; null when the kitchen does not know it
     * @param  array<string, Mass>  $fish  the fish by its id, with what it weighed whole
     */
    public function __construct(
        public string $name,
        public string $what,
        public ?Mass $mass,
        public string $note,
        public ?BigRational $pricePerKg,
        public array $fish = [],
    ) {
    }
}
