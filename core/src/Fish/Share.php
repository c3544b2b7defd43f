<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** What share of its parent a piece is expected to be, in percent, with its spread. */
final readonly class Share
{
    public function __construct(public float $meanPct, public float $sdPct)
    {
    }
}
