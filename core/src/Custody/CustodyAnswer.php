<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** What the law says of each thing, and what it did not allow. */
final readonly class CustodyAnswer
{
    /**
     * @param  list<array{string, ThingLimits}>  $things  each by its id, in the order in which they came to be
     * @param  list<RefusedEvent>  $refused
     */
    public function __construct(public array $things, public array $refused)
    {
    }

    public function thing(string $id): ?ThingLimits
    {
        foreach ($this->things as [$one, $limits]) {
            if ($one === $id) {
                return $limits;
            }
        }

        return null;
    }
}
