<?php

declare(strict_types=1);

namespace Sectum\Plan\Work;

/** A task the head chef gave to a hand, or put at an hour. */
final readonly class Pin
{
    /**
     * @param  string  $task  which
     * @param  string|null  $cutter  who does it; null for whoever can
     * @param  float|null  $at  minute of the day it begins at; null for when it fits
     */
    public function __construct(public string $task, public ?string $cutter = null, public ?float $at = null)
    {
    }
}
