<?php

declare(strict_types=1);

namespace Sectum\Receive;

/** A freezing of the house's own, with the record of it and the rule that record meets. */
final readonly class FrozenHere
{
    /**
     * @param  int  $record  the house's running number of it
     * @param  string  $rule  as it is called, with the rule set it is of
     */
    public function __construct(public int $record, public string $rule)
    {
    }
}
