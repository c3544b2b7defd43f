<?php

declare(strict_types=1);

namespace Sectum\Portion\Cuts;

/** Pieces put together on plates so far, by their places in a list, and those on none. */
final readonly class Filled
{
    /**
     * @param  list<list<int>>  $groups
     * @param  list<int>  $left
     */
    public function __construct(public array $groups, public array $left)
    {
    }
}
