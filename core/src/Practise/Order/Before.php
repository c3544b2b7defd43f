<?php

declare(strict_types=1);

namespace Sectum\Practise\Order;

/** Two steps of which the first has to come before the other. */
final readonly class Before
{
    public function __construct(public string $first, public string $then)
    {
    }
}
