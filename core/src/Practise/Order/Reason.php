<?php

declare(strict_types=1);

namespace Sectum\Practise\Order;

/** A rule of what comes first, between two steps that are shown, and why. */
final readonly class Reason
{
    public function __construct(public Before $before, public string $why)
    {
    }
}
