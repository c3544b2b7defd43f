<?php

declare(strict_types=1);

namespace Sectum\BreakDown\CleanDown;

/** A fish that lay on the board since it was last cleaned down. */
final readonly class Worked
{
    /**
     * @param  string  $lot  whatever tells its lot from another
     * @param  bool  $gallBurst  whether gall was found on it
     */
    public function __construct(public string $lot, public string $species, public bool $gallBurst)
    {
    }
}
