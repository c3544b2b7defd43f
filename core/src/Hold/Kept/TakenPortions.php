<?php

declare(strict_types=1);

namespace Sectum\Hold\Kept;

/** Portions taken, lot by lot, and what is there afterwards. */
final readonly class TakenPortions
{
    /** @param  list<DrawnPortions>  $drawn */
    public function __construct(public KeptLedger $after, public array $drawn)
    {
    }
}
