<?php

declare(strict_types=1);

namespace Sectum\Hold\Treatment;

use Sectum\Measure\Mass;

/** So much of something that is weighed in: water, salt, sugar, or an aromatic by its name. */
final readonly class Ingredient
{
    public function __construct(public string $name, public Mass $mass)
    {
    }
}
