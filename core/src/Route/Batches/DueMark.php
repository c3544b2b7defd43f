<?php

declare(strict_types=1);

namespace Sectum\Route\Batches;

use DateTimeImmutable;

/** What is done at a minute of the clock. */
final readonly class DueMark
{
    public function __construct(
        public DateTimeImmutable $at,
        public int $minute,
        public string $doing,
        public string $why,
    ) {
    }
}
