<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** One thing the weights say that someone should look at: what, and what to do about it. */
final readonly class Remark
{
    /**
     * @param  string|null  $piece  the piece to weigh again; null when no single one stands out
     * @param  string|null  $tray  the tray it probably lay on; null when that is not the trouble
     */
    public function __construct(
        public string $what,
        public string $todo,
        public ?string $piece,
        public ?string $tray = null,
    ) {
    }
}
