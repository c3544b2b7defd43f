<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use Sectum\Fish\Allergen;

/** What goes in beside the fish, per kilo of fish. */
final readonly class Ingredient
{
    /**
     * @param  float  $perKg  grams, or millilitres when it is poured; 0 or more
     * @param  list<Allergen>  $allergens  it carries
     */
    public function __construct(
        public string $name,
        public float $perKg,
        public bool $poured,
        public array $allergens = [],
    ) {
    }
}
