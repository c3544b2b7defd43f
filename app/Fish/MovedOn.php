<?php

declare(strict_types=1);

namespace App\Fish;

/** A stage is done with a fish: it is put away until the next one takes it out. Heard before it is saved. */
final readonly class MovedOn
{
    public function __construct(public Fish $fish)
    {
    }
}
