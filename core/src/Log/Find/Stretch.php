<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

use DateTimeImmutable;

/** Days from a first to a last, both among them. */
final readonly class Stretch
{
    public function __construct(public DateTimeImmutable $first, public DateTimeImmutable $last)
    {
    }

    public static function of(DateTimeImmutable $day): self
    {
        return new self($day, $day);
    }
}
