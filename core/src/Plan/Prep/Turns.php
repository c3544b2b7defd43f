<?php

declare(strict_types=1);

namespace Sectum\Plan\Prep;

/** All tasks in the order they are put, and the cutter of each: what a search moves about. */
final readonly class Turns
{
    /**
     * @param  list<int>  $order  of tasks
     * @param  list<int>  $hands  cutter, by task
     */
    public function __construct(public array $order, public array $hands)
    {
    }
}
