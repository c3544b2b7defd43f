<?php

declare(strict_types=1);

namespace App\Fish;

/** Something was said of fish that their weights do not say: who cut them, on which tray their portions are. */
final readonly class SaidOfFish
{
    /** @param  list<string>  $fish  ids */
    public function __construct(public array $fish)
    {
    }
}
