<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

/** What became of the portions of a tray, counted. */
final readonly class TrayFate
{
    /** @param  int  $left  that are still there */
    public function __construct(public int $served, public int $unserved, public int $discarded, public int $left)
    {
    }

    /** @return array<string, int> by step, none below zero */
    public function counts(): array
    {
        return array_map(fn (int $count): int => max(0, $count), [
            WalkStep::Plates->value => $this->served,
            WalkStep::Unserved->value => $this->unserved,
            WalkStep::Discarded->value => $this->discarded,
            WalkStep::Kept->value => $this->left,
        ]);
    }
}
