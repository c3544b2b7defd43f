<?php

declare(strict_types=1);

namespace Sectum\Route\Bins;

/** What left the bins, and how they stand after it. */
final readonly class Taken
{
    /** @param  non-empty-list<Drawn>  $drawn  oldest first */
    public function __construct(public Ledger $after, public array $drawn)
    {
    }
}
