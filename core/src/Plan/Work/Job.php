<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

use Sectum\Plan\Prep\Task;

/** A task, and what it is about. */
final readonly class Job
{
    /**
     * @param  string|null  $lot  of its fish
     * @param  string|null  $serves  the dish at a service it is for
     * @param  int  $fish  that are received or broken down
     * @param  float  $portions  that come of it
     */
    public function __construct(
        public Task $task,
        public Doing $doing,
        public ?string $lot,
        public ?string $serves,
        public int $fish = 0,
        public float $portions = 0.0,
    ) {
    }
}
