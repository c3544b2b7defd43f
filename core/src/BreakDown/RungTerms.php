<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** A rung as pieces added and pieces taken away, by their places in the tree. */
final readonly class RungTerms
{
    /**
     * @param  list<int>  $plus
     * @param  list<int>  $minus
     */
    public function __construct(public array $plus, public array $minus = [])
    {
    }
}
