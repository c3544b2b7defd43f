<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

/** Something to do so many minutes after the pot went on. */
final readonly class Mark
{
    public function __construct(public int $minute, public string $doing, public string $why)
    {
    }
}
